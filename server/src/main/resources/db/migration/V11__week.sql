-- When and with what the shop works.
CREATE TABLE week_settings (
  id      TINYINT  NOT NULL PRIMARY KEY CHECK (id = 1),
  hours   LONGTEXT NOT NULL CHECK (JSON_VALID(hours)),
  stands  INT      NOT NULL,
  presses INT      NOT NULL,
  welders INT      NOT NULL,
  version INT      NOT NULL DEFAULT 1
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4 COLLATE = utf8mb4_unicode_ci;

INSERT INTO week_settings (id, hours, stands, presses, welders) VALUES (1,
  '{"MONDAY":"08:00-12:00 13:00-17:00","TUESDAY":"08:00-12:00 13:00-17:00","WEDNESDAY":"08:00-12:00 13:00-17:00","THURSDAY":"08:00-12:00 13:00-17:00","FRIDAY":"08:00-12:00 13:00-15:00","SATURDAY":"","SUNDAY":""}',
  2, 1, 1);

-- The plan as it was laid last, and whether it is being made better.
CREATE TABLE week_plan (
  id          CHAR(36)    NOT NULL PRIMARY KEY,
  state       VARCHAR(12) NOT NULL,
  document    LONGTEXT    NOT NULL CHECK (JSON_VALID(document)),
  is_stopped  BOOLEAN     NOT NULL DEFAULT FALSE,
  made_by     BIGINT      NOT NULL,
  made_at     DATETIME(6) NOT NULL,
  KEY week_plan_made (made_at)
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4 COLLATE = utf8mb4_unicode_ci;

-- Tasks that somebody wants not before a time.
CREATE TABLE week_pin (
  task       VARCHAR(120) NOT NULL PRIMARY KEY,
  not_before DATETIME     NOT NULL
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4 COLLATE = utf8mb4_unicode_ci;

-- When a parcel really comes, as somebody told.
CREATE TABLE week_parcel (
  order_id CHAR(36) NOT NULL PRIMARY KEY,
  comes_on DATE     NOT NULL
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4 COLLATE = utf8mb4_unicode_ci;

-- Plans waiting to be made better.
CREATE TABLE scheduled_weeks LIKE scheduled_tasks;
