-- What was chosen for an axle is more than a kit's code: options, another wheel, the work picked.
ALTER TABLE axle ADD COLUMN selection LONGTEXT NULL CHECK (selection IS NULL OR JSON_VALID(selection));

-- What was signed or ordered, as it was then: selection, kit, limits, readings and findings, with the hash of the text.
CREATE TABLE released (
  axle_id   BIGINT      NOT NULL,
  seal      CHAR(64)    NOT NULL,
  hash      CHAR(64)    NOT NULL,
  document  LONGTEXT    NOT NULL CHECK (JSON_VALID(document)),
  person_id BIGINT      NOT NULL,
  at        DATETIME(6) NOT NULL,
  PRIMARY KEY (axle_id, seal),
  FOREIGN KEY (axle_id) REFERENCES axle (id),
  FOREIGN KEY (person_id) REFERENCES person (id)
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4 COLLATE = utf8mb4_bin;

CREATE TRIGGER released_never_changes BEFORE UPDATE ON released
  FOR EACH ROW SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'what was released is only ever added';
CREATE TRIGGER released_never_goes BEFORE DELETE ON released
  FOR EACH ROW SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'what was released is only ever added';

-- The steps of the work as they were when the order went out, and each revision taken after that.
CREATE TABLE plan_revision (
  axle_id   BIGINT      NOT NULL,
  number    INT         NOT NULL,
  selection LONGTEXT    NOT NULL CHECK (JSON_VALID(selection)),
  steps     LONGTEXT    NOT NULL CHECK (JSON_VALID(steps)),
  person_id BIGINT      NOT NULL,
  at        DATETIME(6) NOT NULL,
  PRIMARY KEY (axle_id, number),
  FOREIGN KEY (axle_id) REFERENCES axle (id),
  FOREIGN KEY (person_id) REFERENCES person (id)
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4 COLLATE = utf8mb4_bin;

CREATE TRIGGER plan_revision_never_changes BEFORE UPDATE ON plan_revision
  FOR EACH ROW SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'plan revisions are only ever added';
CREATE TRIGGER plan_revision_never_goes BEFORE DELETE ON plan_revision
  FOR EACH ROW SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'plan revisions are only ever added';
