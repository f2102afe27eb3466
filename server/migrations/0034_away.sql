-- Whether a bike is out of the shop while its job waits. Of those written before nobody said so.
UPDATE entry SET body = JSON_INSERT(body, '$.away', JSON_COMPACT('false')) WHERE kind = 'waits';
