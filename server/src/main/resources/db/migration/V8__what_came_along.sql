-- Photos that came with a job from elsewhere say who took them, and when.
ALTER TABLE photo
  ADD COLUMN origin_by VARCHAR(120) NULL,
  ADD COLUMN origin_at DATETIME(6) NULL;
