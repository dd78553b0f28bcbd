-- A drift is a tool of its own now: a workshop that has a hammer has had one.
UPDATE workshop SET tools = CONCAT(tools, ' drift') WHERE CONCAT(' ', tools, ' ') LIKE '% hammer %' AND CONCAT(' ', tools, ' ') NOT LIKE '% drift %';
