-- Parts that can be bought besides kits and wheels.
CREATE TABLE part (
  code       VARCHAR(40)  NOT NULL PRIMARY KEY,
  sort       VARCHAR(40)  NOT NULL,
  name       VARCHAR(120) NOT NULL,
  supplier   VARCHAR(80)  NOT NULL,
  version    INT          NOT NULL DEFAULT 1,
  document   LONGTEXT     NOT NULL CHECK (JSON_VALID(document)),
  changed_at DATETIME(6)  NOT NULL,
  KEY part_sort (sort, code)
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4 COLLATE = utf8mb4_unicode_ci;
