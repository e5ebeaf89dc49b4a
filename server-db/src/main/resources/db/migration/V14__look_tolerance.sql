-- How far off what is measured may be and still be good, where the binder wants it otherwise than is common practice: by what is looked at.
create table look_tolerance (
    look text primary key,
    mm   double precision not null check (mm > 0 and mm <= 1000)
);
