-- Photos that came with a job from elsewhere say who took them, and when.
ALTER TABLE photo
  ADD COLUMN origin_by VARCHAR(120) NULL,
  ADD COLUMN origin_at DATETIME(6) NULL;

-- What kinds of work take in this shop, where it is not what is usual.
CREATE TABLE work_terms (
  kind    VARCHAR(40)  NOT NULL PRIMARY KEY,
  version INT          NOT NULL DEFAULT 1,
  who     VARCHAR(120) NOT NULL,
  minutes INT          NOT NULL,
  cents   BIGINT       NOT NULL,
  days    INT          NOT NULL
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4 COLLATE = utf8mb4_unicode_ci;

-- The brakes of the whole vehicle, as found and as planned.
ALTER TABLE job ADD COLUMN circuit LONGTEXT NOT NULL DEFAULT '{}' CHECK (JSON_VALID(circuit));
