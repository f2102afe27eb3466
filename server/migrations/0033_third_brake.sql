-- A third brake, where it sits, and which brakes one lever works.
ALTER TABLE bike
  ADD COLUMN IF NOT EXISTS third_brake ENUM('disc', 'rim', 'drum', 'coaster', 'none') NOT NULL DEFAULT 'none',
  ADD COLUMN IF NOT EXISTS third_place ENUM('right-front', 'right-rear', 'second-rear') NOT NULL DEFAULT 'right-front',
  ADD COLUMN IF NOT EXISTS shared_lever ENUM('none', 'front-rear', 'front-third', 'rear-third') NOT NULL DEFAULT 'none';
ALTER TABLE fill MODIFY brake_end ENUM('front', 'rear', 'third') NOT NULL;
ALTER TABLE tightening MODIFY brake_end ENUM('front', 'rear', 'third') NOT NULL;
ALTER TABLE measurement MODIFY brake_end ENUM('front', 'rear', 'third') NOT NULL;
ALTER TABLE brought_reading MODIFY brake_end ENUM('front', 'rear', 'third') NOT NULL;
ALTER TABLE due MODIFY brake_end ENUM('front', 'rear', 'third') NOT NULL;
ALTER TABLE job_end MODIFY brake_end ENUM('front', 'rear', 'third') NOT NULL;
ALTER TABLE identification MODIFY brake_end ENUM('front', 'rear', 'third') NOT NULL;
ALTER TABLE bike_tag MODIFY brake_end ENUM('front', 'rear', 'third') NOT NULL;
ALTER TABLE part_taken MODIFY brake_end ENUM('front', 'rear', 'third') NOT NULL;
ALTER TABLE waste MODIFY brake_end ENUM('front', 'rear', 'third') NOT NULL;
-- One of the bike as it came in is of no brake; what a picture can be of is said by the contract.
ALTER TABLE photo MODIFY brake_end ENUM('front', 'rear', 'third') NULL, MODIFY area VARCHAR(20) NOT NULL;
ALTER TABLE fitting MODIFY brake_end ENUM('front', 'rear', 'third') NOT NULL;
