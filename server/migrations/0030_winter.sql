-- A rotor is looked at after a winter, too.
ALTER TABLE due MODIFY because ENUM('time', 'forecast', 'distance', 'worn', 'winter') NOT NULL;
