-- Photos of what came defective, each of the defect that was noted; only ever added.
CREATE TABLE defect_photo (
  id        BIGINT AUTO_INCREMENT PRIMARY KEY,
  event_id  BIGINT       NOT NULL,
  client_id CHAR(36)     NOT NULL UNIQUE,
  width     INT          NOT NULL,
  height    INT          NOT NULL,
  bytes     MEDIUMBLOB   NOT NULL,
  taken_by  BIGINT       NOT NULL,
  taken_at  DATETIME(6)  NOT NULL,
  INDEX defect_photo_by_event (event_id, id),
  FOREIGN KEY (event_id) REFERENCES event (id),
  FOREIGN KEY (taken_by) REFERENCES person (id)
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4 COLLATE = utf8mb4_unicode_ci;

CREATE TRIGGER defect_photo_never_changes BEFORE UPDATE ON defect_photo
  FOR EACH ROW SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'photos are only ever added';
CREATE TRIGGER defect_photo_never_goes BEFORE DELETE ON defect_photo
  FOR EACH ROW SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'photos are only ever added';
