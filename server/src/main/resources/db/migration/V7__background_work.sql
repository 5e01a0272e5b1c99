-- Work that goes on behind: who does it, and when he was last heard of. One owner at a time; another takes over from one that died.
CREATE TABLE scheduled_tasks (
  task_name            VARCHAR(100) NOT NULL,
  task_instance        VARCHAR(100) NOT NULL,
  task_data            BLOB,
  execution_time       TIMESTAMP(6) NOT NULL,
  picked               BOOLEAN      NOT NULL,
  picked_by            VARCHAR(50),
  last_success         TIMESTAMP(6) NULL,
  last_failure         TIMESTAMP(6) NULL,
  consecutive_failures INT,
  last_heartbeat       TIMESTAMP(6) NULL,
  version              BIGINT       NOT NULL,
  priority             SMALLINT,
  PRIMARY KEY (task_name, task_instance),
  INDEX execution_time_idx (execution_time),
  INDEX last_heartbeat_idx (last_heartbeat),
  INDEX priority_execution_time_idx (priority DESC, execution_time ASC)
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4 COLLATE = utf8mb4_bin;

-- A search for the cheapest proven combination: what was asked, how far it is, what was found.
CREATE TABLE search (
  id         CHAR(36)     NOT NULL PRIMARY KEY,
  axle_id    BIGINT       NOT NULL,
  person_id  BIGINT       NOT NULL,
  request    LONGTEXT     NOT NULL CHECK (JSON_VALID(request)),
  done       INT          NOT NULL DEFAULT 0,
  cancelled  BOOLEAN      NOT NULL DEFAULT FALSE,
  result     LONGTEXT     NULL CHECK (result IS NULL OR JSON_VALID(result)),
  failure    VARCHAR(200) NULL,
  started_at DATETIME(6)  NOT NULL,
  INDEX search_by_person (person_id, started_at),
  FOREIGN KEY (axle_id) REFERENCES axle (id),
  FOREIGN KEY (person_id) REFERENCES person (id)
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4 COLLATE = utf8mb4_bin;
