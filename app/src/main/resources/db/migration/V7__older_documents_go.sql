-- Of old versions the label stays, with when it was; their documents go once nothing goes back to them.
ALTER TABLE garment_version ALTER COLUMN document DROP NOT NULL;
