-- Up Migration

-- Crossings that a teacher made and named. The crossing is held to the model's own rules before it comes here.
CREATE TABLE designs (
	id uuid PRIMARY KEY,
	teacher_id uuid NOT NULL REFERENCES teachers (id) ON DELETE CASCADE,
	name text NOT NULL CHECK (length(name) BETWEEN 1 AND 60),
	crossing jsonb NOT NULL,
	created_at timestamptz NOT NULL DEFAULT now()
);

CREATE UNIQUE INDEX designs_by_name ON designs (teacher_id, lower(name));

-- Down Migration

DROP TABLE designs;
