-- What a machine's work is charged by beside its prices: used by plan, work, quote, bill and account alike.
alter table machine add column weight_limit_kg_per_ha double precision;
alter table machine add column least_usd double precision;
alter table machine add column way_km double precision;
alter table machine add column usd_per_km double precision;
