-- Up Migration

-- Pictures of pieces, as they were made small: JPEG, upright, with nothing in them of where, when and by
-- what they were taken. Steps of lessons name them by id.
CREATE TABLE pictures (
	id uuid PRIMARY KEY,
	teacher_id uuid NOT NULL REFERENCES teachers (id) ON DELETE CASCADE,
	width integer NOT NULL CHECK (width BETWEEN 1 AND 4000),
	height integer NOT NULL CHECK (height BETWEEN 1 AND 4000),
	jpeg bytea NOT NULL,
	created_at timestamptz NOT NULL DEFAULT now()
);

CREATE INDEX pictures_of_teacher ON pictures (teacher_id, created_at);

-- Down Migration

DROP TABLE pictures;
