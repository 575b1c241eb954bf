-- Up Migration

CREATE TABLE swatches (
	id uuid PRIMARY KEY,
	teacher_id uuid NOT NULL REFERENCES teachers (id) ON DELETE CASCADE,
	document jsonb NOT NULL,
	version integer NOT NULL DEFAULT 1 CHECK (version >= 1),
	-- Rows finished at the needles.
	place integer NOT NULL DEFAULT 0 CHECK (place >= 0),
	created_at timestamptz NOT NULL DEFAULT now(),
	updated_at timestamptz NOT NULL DEFAULT now(),
	removed_at timestamptz
);

CREATE INDEX swatches_of_teacher ON swatches (teacher_id, updated_at DESC) WHERE removed_at IS NULL;

-- What lessons and swatches were before: one of every few minutes, to go back to.
CREATE TABLE versions (
	document_id uuid NOT NULL,
	teacher_id uuid NOT NULL REFERENCES teachers (id) ON DELETE CASCADE,
	version integer NOT NULL,
	document jsonb NOT NULL,
	saved_at timestamptz NOT NULL,
	PRIMARY KEY (document_id, version)
);

CREATE INDEX versions_of_teacher ON versions (teacher_id);

-- Down Migration

DROP TABLE versions;
DROP TABLE swatches;
