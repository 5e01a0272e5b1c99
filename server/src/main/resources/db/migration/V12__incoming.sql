-- What was measured of parts that came; only ever added to, the latest of a piece stands. An empty text takes a reading back.
CREATE TABLE incoming (
  id        BIGINT       NOT NULL AUTO_INCREMENT PRIMARY KEY,
  axle_id   BIGINT       NOT NULL,
  kit       VARCHAR(40)  NOT NULL,
  figure    VARCHAR(30)  NOT NULL,
  side      VARCHAR(5)   NOT NULL,
  text      VARCHAR(40)  NOT NULL,
  value_mm  DOUBLE       NULL,
  half_mm   DOUBLE       NULL,
  person_id BIGINT       NOT NULL,
  at        DATETIME(6)  NOT NULL,
  KEY incoming_axle (axle_id, kit, id),
  CONSTRAINT incoming_of_axle FOREIGN KEY (axle_id) REFERENCES axle (id)
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4 COLLATE = utf8mb4_unicode_ci;
