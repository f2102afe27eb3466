-- How things are said to a person, where they chose otherwise than the shop.
ALTER TABLE person ADD COLUMN IF NOT EXISTS manner JSON NULL;

-- The shop's manner and money stand in its rules; the unit of lengths was there already.
UPDATE shop_rules
   SET rules = JSON_REMOVE(
         JSON_INSERT(rules,
           '$.manner', JSON_OBJECT('language', 'en', 'length', JSON_VALUE(rules, '$.lengthUnit'), 'torque', 'N·m', 'distance', 'km', 'temperature', '°C'),
           '$.currency', 'EUR'),
         '$.lengthUnit')
 WHERE JSON_EXISTS(rules, '$.lengthUnit');

-- Which families of fluid and kinds of gauge there are is said once, by the rules; what is written down is checked before it comes here.
ALTER TABLE container MODIFY family VARCHAR(24) NOT NULL;
ALTER TABLE waste MODIFY family VARCHAR(24) NOT NULL;
ALTER TABLE waste_handed_over MODIFY family VARCHAR(24) NOT NULL;
ALTER TABLE gauge MODIFY kind VARCHAR(24) NOT NULL;
