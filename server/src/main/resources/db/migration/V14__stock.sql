-- Parts on the shop's own shelf, by the part's code.
CREATE TABLE stock (
  code       VARCHAR(40)  NOT NULL PRIMARY KEY,
  pieces     INT          NOT NULL CHECK (pieces >= 0),
  person_id  BIGINT       NOT NULL,
  changed_at DATETIME(6)  NOT NULL,
  CONSTRAINT stock_part FOREIGN KEY (code) REFERENCES part (code),
  CONSTRAINT stock_person FOREIGN KEY (person_id) REFERENCES person (id)
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4 COLLATE = utf8mb4_unicode_ci;
