-- What people edit together carries a version; readings and events are only ever added.

CREATE TABLE person (
  id            BIGINT AUTO_INCREMENT PRIMARY KEY,
  login         VARCHAR(60)  NOT NULL UNIQUE,
  name          VARCHAR(120) NOT NULL,
  role          VARCHAR(20)  NOT NULL,
  password_hash VARCHAR(100) NOT NULL,
  unit_system   VARCHAR(10)  NOT NULL DEFAULT 'METRIC'
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4 COLLATE = utf8mb4_unicode_ci;

CREATE TABLE kit (
  id            BIGINT AUTO_INCREMENT PRIMARY KEY,
  version       INT           NOT NULL DEFAULT 1,
  code          VARCHAR(40)   NOT NULL UNIQUE,
  name          VARCHAR(120)  NOT NULL,
  supplier      VARCHAR(120)  NOT NULL,
  end_kinds     VARCHAR(200)  NOT NULL,
  rated_load_kg DOUBLE        NOT NULL,
  price_cents   BIGINT        NOT NULL,
  document      LONGTEXT      NOT NULL CHECK (JSON_VALID(document)),
  changed_at    DATETIME(6)   NOT NULL,
  INDEX kit_by_load (rated_load_kg),
  INDEX kit_by_change (changed_at)
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4 COLLATE = utf8mb4_unicode_ci;

CREATE TABLE job (
  id                 BIGINT AUTO_INCREMENT PRIMARY KEY,
  version            INT           NOT NULL DEFAULT 1,
  title              VARCHAR(120)  NOT NULL,
  vehicle_kind       VARCHAR(20)   NOT NULL,
  vehicle            VARCHAR(500)  NOT NULL,
  owner              VARCHAR(120)  NOT NULL,
  must_be_reversible BOOLEAN       NOT NULL,
  promised           DATE          NULL,
  notes              VARCHAR(2000) NOT NULL,
  created_at         DATETIME(6)   NOT NULL,
  created_by         BIGINT        NOT NULL,
  FOREIGN KEY (created_by) REFERENCES person (id)
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4 COLLATE = utf8mb4_unicode_ci;

CREATE TABLE axle (
  id            BIGINT AUTO_INCREMENT PRIMARY KEY,
  job_id        BIGINT       NOT NULL,
  ordinal       INT          NOT NULL,
  version       INT          NOT NULL DEFAULT 1,
  name          VARCHAR(60)  NOT NULL,
  end_kind      VARCHAR(30)  NOT NULL,
  bracket_shape VARCHAR(20)  NOT NULL,
  load_kg       DOUBLE       NULL,
  load_source   VARCHAR(20)  NULL,
  wheel_stays   BOOLEAN      NOT NULL,
  chosen_kit_id BIGINT       NULL,
  UNIQUE (job_id, ordinal),
  FOREIGN KEY (job_id) REFERENCES job (id),
  FOREIGN KEY (chosen_kit_id) REFERENCES kit (id)
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4 COLLATE = utf8mb4_unicode_ci;

CREATE TABLE reading (
  id          BIGINT AUTO_INCREMENT PRIMARY KEY,
  axle_id     BIGINT       NOT NULL,
  client_id   CHAR(36)     NOT NULL UNIQUE,
  kind        VARCHAR(10)  NOT NULL,
  supersedes  BIGINT       NULL UNIQUE,
  side        VARCHAR(10)  NOT NULL,
  callout     VARCHAR(40)  NOT NULL,
  place_text  VARCHAR(60)  NOT NULL,
  text        VARCHAR(60)  NOT NULL,
  unit_system VARCHAR(10)  NOT NULL,
  instrument  VARCHAR(30)  NOT NULL,
  taken_by    BIGINT       NOT NULL,
  taken_at    DATETIME(6)  NOT NULL,
  INDEX reading_by_axle (axle_id, id),
  FOREIGN KEY (axle_id) REFERENCES axle (id),
  FOREIGN KEY (supersedes) REFERENCES reading (id),
  FOREIGN KEY (taken_by) REFERENCES person (id)
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4 COLLATE = utf8mb4_unicode_ci;

CREATE TABLE event (
  id        BIGINT AUTO_INCREMENT PRIMARY KEY,
  job_id    BIGINT       NOT NULL,
  axle_id   BIGINT       NULL,
  kind      VARCHAR(40)  NOT NULL,
  subject   VARCHAR(120) NOT NULL,
  payload   LONGTEXT     NOT NULL CHECK (JSON_VALID(payload)),
  person_id BIGINT       NOT NULL,
  at        DATETIME(6)  NOT NULL,
  INDEX event_by_job (job_id, id),
  INDEX event_by_axle (axle_id, kind, id),
  FOREIGN KEY (job_id) REFERENCES job (id),
  FOREIGN KEY (axle_id) REFERENCES axle (id),
  FOREIGN KEY (person_id) REFERENCES person (id)
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4 COLLATE = utf8mb4_unicode_ci;

CREATE TRIGGER reading_never_changes BEFORE UPDATE ON reading
  FOR EACH ROW SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'readings are only ever added';
CREATE TRIGGER reading_never_goes BEFORE DELETE ON reading
  FOR EACH ROW SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'readings are only ever added';
CREATE TRIGGER event_never_changes BEFORE UPDATE ON event
  FOR EACH ROW SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'events are only ever added';
CREATE TRIGGER event_never_goes BEFORE DELETE ON event
  FOR EACH ROW SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'events are only ever added';
