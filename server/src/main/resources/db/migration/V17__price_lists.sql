-- A supplier's price list on its way into the catalogue: the file as it came, what its columns tell, how far it is, what it would do or did.
CREATE TABLE price_list (
  id         CHAR(36)     NOT NULL PRIMARY KEY,
  person_id  BIGINT       NOT NULL,
  file       VARCHAR(200) NOT NULL,
  content    LONGBLOB     NOT NULL COMMENT 'gzip',
  contents   LONGTEXT     NOT NULL CHECK (JSON_VALID(contents)),
  columns    LONGTEXT     NULL CHECK (columns IS NULL OR JSON_VALID(columns)),
  phase      VARCHAR(20)  NOT NULL,
  done       INT          NOT NULL DEFAULT 0,
  report     LONGTEXT     NULL CHECK (report IS NULL OR JSON_VALID(report)),
  said       VARCHAR(400) NOT NULL DEFAULT '',
  started_at DATETIME(6)  NOT NULL,
  KEY price_list_by_time (started_at),
  CONSTRAINT price_list_person FOREIGN KEY (person_id) REFERENCES person (id)
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4 COLLATE = utf8mb4_bin;

-- What a supplier's columns told last time.
CREATE TABLE supplier_columns (
  supplier   VARCHAR(80)  NOT NULL PRIMARY KEY,
  columns    LONGTEXT     NOT NULL CHECK (JSON_VALID(columns)),
  person_id  BIGINT       NOT NULL,
  changed_at DATETIME(6)  NOT NULL,
  CONSTRAINT supplier_columns_person FOREIGN KEY (person_id) REFERENCES person (id)
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4 COLLATE = utf8mb4_unicode_ci;

CREATE TABLE scheduled_price_lists LIKE scheduled_tasks;
