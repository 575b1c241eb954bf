-- Up Migration

CREATE TABLE teachers (
	id uuid PRIMARY KEY,
	name text NOT NULL CHECK (length(name) BETWEEN 1 AND 120),
	created_at timestamptz NOT NULL DEFAULT now()
);

-- A lesson is one document: it is read, shown and saved whole. Its version goes
-- up by one with every write, and a write names the version it was made from.
CREATE TABLE lessons (
	id uuid PRIMARY KEY,
	teacher_id uuid NOT NULL REFERENCES teachers (id) ON DELETE CASCADE,
	document jsonb NOT NULL,
	version integer NOT NULL DEFAULT 1 CHECK (version >= 1),
	created_at timestamptz NOT NULL DEFAULT now(),
	updated_at timestamptz NOT NULL DEFAULT now(),
	-- Removed lessons can be brought back; lists leave them out.
	removed_at timestamptz
);

CREATE INDEX lessons_of_teacher ON lessons (teacher_id, updated_at DESC) WHERE removed_at IS NULL;

-- Down Migration

DROP TABLE lessons;
DROP TABLE teachers;
