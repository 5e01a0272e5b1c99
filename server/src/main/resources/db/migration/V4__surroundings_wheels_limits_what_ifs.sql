-- What stands around the wheels, wheels that could be bought, the shop's limits, kits liked, what-ifs kept.

ALTER TABLE axle
  ADD COLUMN around LONGTEXT NOT NULL DEFAULT '{}' CHECK (JSON_VALID(around));

CREATE TABLE wheel (
  code       VARCHAR(40) PRIMARY KEY,
  document   LONGTEXT    NOT NULL CHECK (JSON_VALID(document)),
  changed_at DATETIME(6) NOT NULL
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4 COLLATE = utf8mb4_unicode_ci;

CREATE TABLE shop_limit (
  name    VARCHAR(40) PRIMARY KEY,
  version INT         NOT NULL DEFAULT 1,
  value   DOUBLE      NOT NULL
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4 COLLATE = utf8mb4_unicode_ci;

CREATE TABLE liked_kit (
  axle_id   BIGINT NOT NULL,
  kit_id    BIGINT NOT NULL,
  person_id BIGINT NOT NULL,
  PRIMARY KEY (axle_id, kit_id, person_id),
  FOREIGN KEY (axle_id) REFERENCES axle (id),
  FOREIGN KEY (kit_id) REFERENCES kit (id),
  FOREIGN KEY (person_id) REFERENCES person (id)
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4 COLLATE = utf8mb4_unicode_ci;

CREATE TABLE what_if (
  id      BIGINT AUTO_INCREMENT PRIMARY KEY,
  axle_id BIGINT       NOT NULL,
  title   VARCHAR(120) NOT NULL,
  changes LONGTEXT     NOT NULL CHECK (JSON_VALID(changes)),
  kept_by BIGINT       NOT NULL,
  kept_at DATETIME(6)  NOT NULL,
  INDEX what_if_by_axle (axle_id, id),
  FOREIGN KEY (axle_id) REFERENCES axle (id),
  FOREIGN KEY (kept_by) REFERENCES person (id)
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4 COLLATE = utf8mb4_unicode_ci;
