-- A serial is copied off a frame as one word or in its parts: its bike is found, and known again, by either.
CREATE OR REPLACE VIEW bike_said AS SELECT b.id AS bike_id, b.customer_id, LEFT(w.word, 40) AS word
  FROM bike b JOIN customer c ON c.id = b.customer_id,
       JSON_TABLE(CONCAT('["', REPLACE(TRIM(REGEXP_REPLACE(CONCAT_WS(' ', b.name, b.maker, b.serial,
           REGEXP_REPLACE(b.serial, '[^\\p{L}\\p{N}]+', ''),
           REGEXP_REPLACE(REGEXP_REPLACE(b.serial, '(\\p{L})(\\p{N})', '\\1 \\2'), '(\\p{N})(\\p{L})', '\\1 \\2'), c.name), '[^\\p{L}\\p{N}]+', ' ')), ' ', '","'), '"]'),
         '$[*]' COLUMNS (word VARCHAR(340) PATH '$')) w
 WHERE w.word <> '';

INSERT IGNORE INTO bike_word (word, bike_id) SELECT word, bike_id FROM bike_said;
