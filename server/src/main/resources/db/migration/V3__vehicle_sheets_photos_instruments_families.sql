-- What is seen of vehicle and axle before measuring, photos of readings, the shop's own instruments and families.

ALTER TABLE job
  ADD COLUMN sheet LONGTEXT NOT NULL DEFAULT '{}' CHECK (JSON_VALID(sheet));

ALTER TABLE axle
  ADD COLUMN nut             VARCHAR(20) NOT NULL DEFAULT 'CASTLE',
  ADD COLUMN retention       VARCHAR(20) NOT NULL DEFAULT 'PRESSED_BEARING',
  ADD COLUMN grease_through  BOOLEAN     NOT NULL DEFAULT FALSE,
  ADD COLUMN handed          BOOLEAN     NOT NULL DEFAULT FALSE,
  ADD COLUMN tone_ring       BOOLEAN     NOT NULL DEFAULT FALSE,
  ADD COLUMN electric_brakes BOOLEAN     NOT NULL DEFAULT FALSE,
  ADD COLUMN papers_pattern  VARCHAR(80) NULL,
  ADD COLUMN papers_housing  VARCHAR(80) NULL,
  ADD COLUMN papers_spindle  VARCHAR(80) NULL;

ALTER TABLE reading
  ADD COLUMN copied_from BIGINT NULL,
  ADD CONSTRAINT reading_copied_from FOREIGN KEY (copied_from) REFERENCES reading (id);

CREATE TABLE photo (
  id         BIGINT AUTO_INCREMENT PRIMARY KEY,
  reading_id BIGINT       NOT NULL,
  client_id  CHAR(36)     NOT NULL UNIQUE,
  width      INT          NOT NULL,
  height     INT          NOT NULL,
  bytes      MEDIUMBLOB   NOT NULL,
  taken_by   BIGINT       NOT NULL,
  taken_at   DATETIME(6)  NOT NULL,
  INDEX photo_by_reading (reading_id, id),
  FOREIGN KEY (reading_id) REFERENCES reading (id),
  FOREIGN KEY (taken_by) REFERENCES person (id)
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4 COLLATE = utf8mb4_unicode_ci;

CREATE TRIGGER photo_never_changes BEFORE UPDATE ON photo
  FOR EACH ROW SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'photos are only ever added';
CREATE TRIGGER photo_never_goes BEFORE DELETE ON photo
  FOR EACH ROW SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'photos are only ever added';

CREATE TABLE instrument (
  kind          VARCHAR(30) PRIMARY KEY,
  version       INT         NOT NULL DEFAULT 1,
  half_limit_mm DOUBLE      NULL,
  due           DATE        NULL
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4 COLLATE = utf8mb4_unicode_ci;

CREATE TABLE family (
  id         BIGINT AUTO_INCREMENT PRIMARY KEY,
  table_kind VARCHAR(20)  NOT NULL,
  name       VARCHAR(80)  NOT NULL,
  figures    VARCHAR(500) NOT NULL,
  source     VARCHAR(200) NOT NULL,
  added_by   BIGINT       NOT NULL,
  added_at   DATETIME(6)  NOT NULL,
  UNIQUE (table_kind, name),
  FOREIGN KEY (added_by) REFERENCES person (id)
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4 COLLATE = utf8mb4_unicode_ci;
