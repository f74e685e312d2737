-- How the maker does it, question by question (handbook 15); new garments begin with it.
CREATE TABLE maker_way (
  school text PRIMARY KEY,
  way text NOT NULL
);
