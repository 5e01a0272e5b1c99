-- The shop's own mark on its papers: one row, or none.
CREATE TABLE shop_logo (
  id         TINYINT      NOT NULL PRIMARY KEY CHECK (id = 1),
  bytes      MEDIUMBLOB   NOT NULL,
  person_id  BIGINT       NOT NULL,
  changed_at DATETIME(6)  NOT NULL,
  CONSTRAINT shop_logo_person FOREIGN KEY (person_id) REFERENCES person (id)
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4 COLLATE = utf8mb4_unicode_ci;
