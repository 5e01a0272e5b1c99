-- The shop on its papers, and what it asks of its suppliers.
ALTER TABLE shop
  ADD COLUMN address     VARCHAR(300)  NOT NULL DEFAULT '',
  ADD COLUMN currency    CHAR(3)       NOT NULL DEFAULT 'EUR',
  ADD COLUMN tax_percent DECIMAL(5, 2) NOT NULL DEFAULT 0,
  ADD COLUMN rate_cents  BIGINT        NOT NULL DEFAULT 6000;

-- One row for each supplier an order went to; the key makes a repeat the same order.
CREATE TABLE supplier_order (
  id         CHAR(36)     NOT NULL PRIMARY KEY,
  job_id     BIGINT       NOT NULL,
  axle_id    BIGINT       NOT NULL,
  supplier   VARCHAR(80)  NOT NULL,
  once       VARCHAR(190) NOT NULL,
  state      VARCHAR(20)  NOT NULL,
  document   LONGTEXT     NOT NULL CHECK (JSON_VALID(document)),
  said       VARCHAR(400) NOT NULL DEFAULT '',
  attempts   INT          NOT NULL DEFAULT 0,
  version    INT          NOT NULL DEFAULT 1,
  changed_at DATETIME(6)  NOT NULL,
  UNIQUE KEY supplier_order_once (once),
  KEY supplier_order_axle (axle_id, supplier),
  CONSTRAINT supplier_order_of_job FOREIGN KEY (job_id) REFERENCES job (id)
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4 COLLATE = utf8mb4_unicode_ci;

-- Who sells, and where its service answers; without an address orders go out on paper.
CREATE TABLE supplier (
  name       VARCHAR(80)  NOT NULL PRIMARY KEY,
  address    VARCHAR(200) NOT NULL DEFAULT '',
  version    INT          NOT NULL DEFAULT 1
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4 COLLATE = utf8mb4_unicode_ci;

-- Orders on their way to suppliers.
CREATE TABLE scheduled_orders LIKE scheduled_tasks;
