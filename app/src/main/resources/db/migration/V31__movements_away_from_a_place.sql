-- What left a place last, lot by lot: asked for by the page of every kit.
create index stock_movement_away on stock_movement (from_place, lot_id, number);
