alter table shop_item add column version int default 1 not null;

update shop_item set document = '{"form":"DOVETAIL","expand":null,' || substring(document, 2) where kind = 'jaws';
update shop_item set kind = 'centre', document = '{"form":"DRIVE",' || substring(document, 2) where kind = 'drive';
update shop_item set kind = 'centre', document = '{"form":"LIVE",' || substring(document, 2) where kind = 'live';
update shop_item set kind = 'centre', document = '{"form":"PADDED",' || substring(document, 2) where kind = 'pad';
update shop_item set document = '{"steps":[],"quillTravel":100,"spindle":"","drawbar":false,' || substring(document, 2) where kind = 'lathe';
