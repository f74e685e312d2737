-- Names the places that a work joins by its frozen plan; a garment told anew is worked otherwise as soon as today's plan has another one.
-- Works begun before this have none.
ALTER TABLE work ADD COLUMN worked_as text;
