-- Up Migration

-- Links by which anybody may read one lesson, until they are withdrawn. The token is kept as it is, not
-- hashed, so that the teacher can copy the same link again next week.
CREATE TABLE shares (
	token text PRIMARY KEY CHECK (length(token) >= 43),
	teacher_id uuid NOT NULL REFERENCES teachers (id) ON DELETE CASCADE,
	lesson_id uuid NOT NULL UNIQUE REFERENCES lessons (id) ON DELETE CASCADE,
	created_at timestamptz NOT NULL DEFAULT now()
);

CREATE INDEX shares_of_teacher ON shares (teacher_id);

-- Down Migration

DROP TABLE shares;
