-- Up Migration

-- Doors behind which a lesson's or a class's crossings are practised without an account, while they are open. The token
-- stays the same when a door is closed and opened again: it stands on paper.
CREATE TABLE practice_doors (
	id uuid PRIMARY KEY,
	teacher_id uuid NOT NULL REFERENCES teachers (id) ON DELETE CASCADE,
	lesson_id uuid UNIQUE REFERENCES lessons (id) ON DELETE CASCADE,
	class_id uuid UNIQUE REFERENCES classes (id) ON DELETE CASCADE,
	token text NOT NULL UNIQUE CHECK (length(token) >= 43),
	is_open boolean NOT NULL DEFAULT true,
	document jsonb NOT NULL,
	created_at timestamptz NOT NULL DEFAULT now(),
	CHECK ((lesson_id IS NULL) <> (class_id IS NULL))
);
CREATE INDEX practice_doors_of_teacher ON practice_doors (teacher_id);

-- What learners chose to show: one summary each, the last one. The learner's id is known to their own browser only,
-- which replaces and erases by it.
CREATE TABLE practice_sent (
	door_id uuid NOT NULL REFERENCES practice_doors (id) ON DELETE CASCADE,
	learner_id uuid NOT NULL,
	teacher_id uuid NOT NULL REFERENCES teachers (id) ON DELETE CASCADE,
	summary jsonb NOT NULL,
	sent_at timestamptz NOT NULL DEFAULT now(),
	PRIMARY KEY (door_id, learner_id)
);
CREATE INDEX practice_sent_of_teacher ON practice_sent (teacher_id);

-- Down Migration

DROP TABLE practice_sent;
DROP TABLE practice_doors;
