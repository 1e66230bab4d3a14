//! Devices that may reach the server over the network: of each the hash of its token, never the token.

super::sql::sql_migration! {
    "Paired devices."
    up: "create table paired_device (
  id uuid primary key,
  name text not null check (char_length(name) between 1 and 120),
  token_hash bytea not null unique check (octet_length(token_hash) = 32),
  paired_at timestamptz not null,
  last_used_at timestamptz not null
)",
    down: "drop table paired_device",
}
