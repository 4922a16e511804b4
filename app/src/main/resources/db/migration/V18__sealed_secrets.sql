-- 20 bytes are a secret as it is, more are one under the house's key.
alter table second_factor drop constraint second_factor_secret_check;
alter table second_factor add constraint second_factor_secret_check check (length(secret) between 20 and 100);
