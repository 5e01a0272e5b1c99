-- Editions of the catalogue, people who come and go, writes that happen once, a log of everything.

-- What happens outside a job, and sign-ins of nobody known, are logged too. What may happen only once carries a name for it.
ALTER TABLE event
  MODIFY COLUMN job_id BIGINT NULL,
  MODIFY COLUMN person_id BIGINT NULL,
  ADD COLUMN once VARCHAR(160) COLLATE utf8mb4_bin NULL UNIQUE,
  ADD INDEX event_by_time (at, id);

-- A write carries an id made by who sends it; a repeat is answered as the first time.
CREATE TABLE write_once (
  id           CHAR(36)     NOT NULL PRIMARY KEY,
  person_id    BIGINT       NOT NULL,
  fingerprint  CHAR(64)     NOT NULL,
  status       INT          NOT NULL DEFAULT 0,
  content_type VARCHAR(120) NULL,
  answer       MEDIUMBLOB   NULL,
  at           DATETIME(6)  NOT NULL,
  INDEX write_once_by_time (at),
  FOREIGN KEY (person_id) REFERENCES person (id)
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4 COLLATE = utf8mb4_bin;

-- Every edition of what the lead keeps, as it was.
CREATE TABLE catalogue_edition (
  kind      VARCHAR(20)  NOT NULL,
  code      VARCHAR(120) NOT NULL,
  version   INT          NOT NULL,
  document  LONGTEXT     NOT NULL,
  person_id BIGINT       NULL,
  at        DATETIME(6)  NOT NULL,
  PRIMARY KEY (kind, code, version),
  FOREIGN KEY (person_id) REFERENCES person (id)
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4 COLLATE = utf8mb4_bin;

ALTER TABLE wheel ADD COLUMN version INT NOT NULL DEFAULT 1;
ALTER TABLE family ADD COLUMN version INT NOT NULL DEFAULT 1;

INSERT INTO catalogue_edition (kind, code, version, document, at)
  SELECT 'KIT', code, version, document, changed_at FROM kit;
INSERT INTO catalogue_edition (kind, code, version, document, at)
  SELECT 'WHEEL', code, version, document, changed_at FROM wheel;

CREATE TRIGGER catalogue_edition_never_changes BEFORE UPDATE ON catalogue_edition
  FOR EACH ROW SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'editions are only ever added';
CREATE TRIGGER catalogue_edition_never_goes BEFORE DELETE ON catalogue_edition
  FOR EACH ROW SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'editions are only ever added';

-- A job keeps the edition of the kit it was judged with.
ALTER TABLE axle ADD COLUMN chosen_kit_edition INT NULL;
UPDATE axle a JOIN kit k ON k.id = a.chosen_kit_id SET a.chosen_kit_edition = k.version;

-- A reading from elsewhere says who took it and when, so that it is never taken twice.
ALTER TABLE reading
  ADD COLUMN origin_by VARCHAR(120) NULL,
  ADD COLUMN origin_at DATETIME(6) NULL,
  ADD COLUMN origin_copy BOOLEAN NOT NULL DEFAULT FALSE;

ALTER TABLE person
  MODIFY COLUMN login VARCHAR(60) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL,
  ADD COLUMN version INT NOT NULL DEFAULT 1,
  ADD COLUMN retired_at DATETIME(6) NULL;

-- Tries to sign in, counted per name and per address before the password is looked at.
CREATE TABLE sign_in_guard (
  name         VARCHAR(120) NOT NULL PRIMARY KEY,
  window_start DATETIME(6)  NOT NULL,
  tries        INT          NOT NULL
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4 COLLATE = utf8mb4_bin;

CREATE TABLE shop (
  id      INT          NOT NULL PRIMARY KEY CHECK (id = 1),
  version INT          NOT NULL DEFAULT 1,
  name    VARCHAR(120) NOT NULL
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4 COLLATE = utf8mb4_unicode_ci;
