-- Up Migration

-- How much each document takes, so that what a teacher keeps can be added up without reading it.
ALTER TABLE lessons ADD COLUMN bytes integer GENERATED ALWAYS AS (octet_length(document::text)) STORED;
ALTER TABLE swatches ADD COLUMN bytes integer GENERATED ALWAYS AS (octet_length(document::text)) STORED;
ALTER TABLE versions ADD COLUMN bytes integer GENERATED ALWAYS AS (octet_length(document::text)) STORED;

CREATE INDEX lessons_by_size ON lessons (teacher_id) INCLUDE (bytes);
CREATE INDEX swatches_by_size ON swatches (teacher_id) INCLUDE (bytes);
DROP INDEX versions_of_teacher;
CREATE INDEX versions_of_teacher ON versions (teacher_id, saved_at) INCLUDE (bytes);

-- Browsers in which a teacher has signed in before: strangers who try a name slow down each other, not these.
CREATE TABLE known_browsers (
	token_hash bytea PRIMARY KEY,
	teacher_id uuid NOT NULL REFERENCES teachers (id) ON DELETE CASCADE,
	seen_at timestamptz NOT NULL DEFAULT now()
);

CREATE INDEX known_browsers_of_teacher ON known_browsers (teacher_id, seen_at);

-- Down Migration

DROP TABLE known_browsers;
DROP INDEX versions_of_teacher;
CREATE INDEX versions_of_teacher ON versions (teacher_id);
ALTER TABLE lessons DROP COLUMN bytes;
ALTER TABLE swatches DROP COLUMN bytes;
ALTER TABLE versions DROP COLUMN bytes;
