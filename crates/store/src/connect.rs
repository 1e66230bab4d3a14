//! How a server connects to its database.

use std::time::Duration;

use sea_orm::{ConnectOptions, Database, DatabaseConnection};

use crate::error::StoreError;
use crate::gate;

/// How many connections a server holds.
pub const CONNECTIONS: u32 = 16;
/// The longest that one statement of a request may take.
const LONGEST_STATEMENT: Duration = Duration::from_secs(10);
/// The longest that a transaction may do nothing: the server that began it is gone.
const LONGEST_IDLE_TRANSACTION: Duration = Duration::from_secs(15);

/// Connects to a database, with all connections open from the start: opened one by one they would wait behind requests.
///
/// # Errors
/// Whatever the database says.
pub async fn connect(address: &str) -> Result<DatabaseConnection, StoreError> {
    connect_with(address, CONNECTIONS).await
}

/// Connects to a database by so many connections.
///
/// # Errors
/// Whatever the database says.
pub async fn connect_with(address: &str, connections: u32) -> Result<DatabaseConnection, StoreError> {
    let mut options = ConnectOptions::new(address);
    options
        .max_connections(connections)
        .min_connections(connections)
        .acquire_timeout(Duration::from_secs(12))
        .sqlx_logging(false)
        .map_sqlx_postgres_opts(|options| {
            let milliseconds = |time: Duration| time.as_millis().to_string();
            options.application_name("sturvek").options([
                ("lock_timeout", milliseconds(gate::LONGEST_WAIT)),
                ("statement_timeout", milliseconds(LONGEST_STATEMENT)),
                ("idle_in_transaction_session_timeout", milliseconds(LONGEST_IDLE_TRANSACTION)),
            ])
        });
    Ok(Database::connect(options).await?)
}
