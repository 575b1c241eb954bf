-- Up Migration

-- Classes with their people. Nothing of a class is kept in versions: who is erased is gone.
CREATE TABLE classes (
	id uuid PRIMARY KEY,
	teacher_id uuid NOT NULL REFERENCES teachers (id) ON DELETE CASCADE,
	version integer NOT NULL DEFAULT 1,
	document jsonb NOT NULL,
	created_at timestamptz NOT NULL DEFAULT now(),
	updated_at timestamptz NOT NULL DEFAULT now()
);
CREATE INDEX classes_of_teacher ON classes (teacher_id, updated_at);

-- What was meant for an evening. What went on at it are its presses.
CREATE TABLE evenings (
	id uuid PRIMARY KEY,
	class_id uuid NOT NULL REFERENCES classes (id) ON DELETE CASCADE,
	teacher_id uuid NOT NULL REFERENCES teachers (id) ON DELETE CASCADE,
	day date NOT NULL,
	document jsonb NOT NULL,
	created_at timestamptz NOT NULL DEFAULT now()
);
CREATE INDEX evenings_of_class ON evenings (class_id, day);
CREATE INDEX evenings_of_teacher ON evenings (teacher_id);

-- Appended, never overwritten. `seq` is the order in which they came in, by which another device asks for what is new.
CREATE TABLE presses (
	id uuid NOT NULL,
	evening_id uuid NOT NULL REFERENCES evenings (id) ON DELETE CASCADE,
	teacher_id uuid NOT NULL REFERENCES teachers (id) ON DELETE CASCADE,
	seq bigint GENERATED ALWAYS AS IDENTITY,
	at timestamptz NOT NULL,
	-- Whom it is about, so that all of one person goes at once.
	person_id uuid,
	did jsonb NOT NULL,
	PRIMARY KEY (evening_id, id)
);
CREATE INDEX presses_by_seq ON presses (evening_id, seq);
CREATE INDEX presses_of_person ON presses (teacher_id, person_id) WHERE person_id IS NOT NULL;
CREATE INDEX presses_of_teacher ON presses (teacher_id);

-- Ids, and nothing else, of people who were erased: what is brought back later does not bring them back unasked.
CREATE TABLE erased_people (
	teacher_id uuid NOT NULL REFERENCES teachers (id) ON DELETE CASCADE,
	person_id uuid NOT NULL,
	erased_at timestamptz NOT NULL DEFAULT now(),
	PRIMARY KEY (teacher_id, person_id)
);

-- Down Migration

DROP TABLE erased_people;
DROP TABLE presses;
DROP TABLE evenings;
DROP TABLE classes;
