//! Connections: so many at most, none of them for good.
//!
//! A connection that has sent no whole request holds nothing but itself: it is closed after a while, and sooner where
//! somebody else needs its place. One whose request is being answered keeps its place. Asked to stop, the server takes no
//! new connections, closes those that wait, and gives the answers under way a few seconds.

use std::collections::HashMap;
use std::net::IpAddr;
use std::sync::atomic::{AtomicU64, Ordering};
use std::sync::{Arc, Mutex, MutexGuard, PoisonError};
use std::time::{Duration, Instant};

use axum::Router;
use axum::http::Request;
use axum::response::IntoResponse;
use hyper::body::Incoming;
use hyper::server::conn::http1;
use hyper_util::rt::{TokioIo, TokioTimer};
use tokio::io::{AsyncRead, AsyncWrite, AsyncWriteExt};
use tokio::net::{TcpListener, TcpStream};
use tokio_rustls::TlsAcceptor;
use tokio_util::sync::CancellationToken;
use tokio_util::task::TaskTracker;
use tower::ServiceExt;

use crate::bodies;
use crate::on_site::OnSite;
use crate::on_site::door::Peer;

/// How many connections there may be, where the system allows as many files.
const MOST_CONNECTIONS: usize = 1024;
/// Files that are left for all else: the database's connections, the log.
const OTHER_FILES: usize = 128;
/// How long a request's head may take, and how long a connection may rest between two requests.
const LONGEST_HEAD: Duration = Duration::from_secs(20);
/// How long a connection has rested at least before somebody else may have its place.
const SHORTEST_REST: Duration = Duration::from_millis(500);
/// How long answers under way may take once the server is asked to stop.
const LONGEST_ENDING: Duration = Duration::from_secs(8);
/// The largest request head, bytes.
const LARGEST_HEAD: usize = 16 * 1024;
/// What a connection is told that has no place.
const NO_PLACE: &[u8] = b"HTTP/1.1 503 Service Unavailable\r\ncontent-type: text/plain; charset=utf-8\r\nretry-after: 2\r\nconnection: close\r\ncontent-length: 71\r\n\r\nToo many connections at once. Try again in a moment; nothing is lost.\r\n";

/// The connections that there are.
#[derive(Clone, Debug)]
struct Connections {
    most: usize,
    places: Arc<Mutex<HashMap<u64, Place>>>,
    numbers: Arc<AtomicU64>,
}

#[derive(Debug)]
struct Place {
    /// Since when it has waited for a whole request; `None` while one is answered.
    rests_since: Option<Instant>,
    close: CancellationToken,
}

/// A connection's place; free when it is dropped.
#[derive(Debug)]
struct Held {
    connections: Connections,
    number: u64,
    close: CancellationToken,
}

impl Connections {
    /// As many as the system allows files for, after it was asked for more; where there are several listeners, a part of them, so that nobody
    /// at one takes the places of another.
    fn as_many_as_can_be(listeners: usize) -> Self {
        let files = rlimit::increase_nofile_limit(u64::MAX).unwrap_or(1024);
        let files = usize::try_from(files).unwrap_or(usize::MAX);
        Self::new(MOST_CONNECTIONS.min(files.saturating_sub(OTHER_FILES) / listeners))
    }

    fn new(most: usize) -> Self {
        Self { most, places: Arc::default(), numbers: Arc::default() }
    }

    /// A place, if need be that of the connection that has rested longest.
    fn take(&self) -> Option<Held> {
        let mut places = self.lock();
        if self.most <= places.len() {
            let resting = places.iter().filter_map(|(number, place)| Some((place.rests_since?, *number)));
            let (since, longest) = resting.min()?;
            if since.elapsed() < SHORTEST_REST {
                return None;
            }
            places.remove(&longest)?.close.cancel();
        }
        let number = self.numbers.fetch_add(1, Ordering::Relaxed);
        let close = CancellationToken::new();
        places.insert(number, Place { rests_since: Some(Instant::now()), close: close.clone() });
        drop(places);
        Some(Held { connections: self.clone(), number, close })
    }

    /// Closes those that rest.
    fn close_resting(&self) {
        for place in self.lock().values().filter(|place| place.rests_since.is_some()) {
            place.close.cancel();
        }
    }

    /// A panic while it was held leaves at worst a place that is taken.
    fn lock(&self) -> MutexGuard<'_, HashMap<u64, Place>> {
        self.places.lock().unwrap_or_else(PoisonError::into_inner)
    }
}

impl Held {
    fn rests(&self, rests: bool) {
        if let Some(place) = self.connections.lock().get_mut(&self.number) {
            place.rests_since = rests.then(Instant::now);
        }
    }
}

impl Drop for Held {
    fn drop(&mut self) {
        self.connections.lock().remove(&self.number);
    }
}

/// Keeps a connection's place while a request is answered, also where the answer is given up.
struct Answering(Arc<Held>);

impl Answering {
    fn begin(held: &Arc<Held>) -> Self {
        held.rests(false);
        Self(held.clone())
    }
}

impl Drop for Answering {
    fn drop(&mut self) {
        self.0.rests(true);
    }
}

/// How connections come.
#[derive(Clone)]
pub enum Over {
    /// As they are, from this machine itself.
    Loopback,
    /// Encrypted, over the networks that this machine is on.
    Network(TlsAcceptor, Arc<OnSite>),
}

/// Listeners that one process has at most: the page, devices on site, metrics.
const LISTENERS: usize = 3;

/// Serves until it is asked to stop, and ends some seconds after that at the latest.
pub async fn serve(listener: TcpListener, over: Over, app: Router, asked_to_stop: impl Future<Output = ()>) {
    let connections = Connections::as_many_as_can_be(LISTENERS);
    let (tasks, stop) = (TaskTracker::new(), CancellationToken::new());
    tokio::pin!(asked_to_stop);
    loop {
        let accepted = tokio::select! {
            accepted = listener.accept() => accepted,
            () = &mut asked_to_stop => break,
        };
        match accepted {
            Ok((stream, from)) => {
                let come = Come { stream, from: from.ip().to_canonical(), over: over.clone() };
                open(&connections, &tasks, come, app.clone(), stop.clone());
            }
            Err(error) => {
                // Out of files, as a rule: others have to end first.
                tracing::warn!("a connection is not taken: {error}");
                tokio::time::sleep(Duration::from_millis(50)).await;
            }
        }
    }
    drop(listener);
    stop.cancel();
    connections.close_resting();
    tasks.close();
    if tokio::time::timeout(LONGEST_ENDING, tasks.wait()).await.is_err() {
        tracing::warn!("{} connections are cut off", tasks.len());
    }
}

/// A connection that has come.
struct Come {
    stream: TcpStream,
    from: IpAddr,
    over: Over,
}

fn open(connections: &Connections, tasks: &TaskTracker, come: Come, app: Router, stop: CancellationToken) {
    let Come { stream, from, over } = come;
    // Answers are written whole: waiting for more to send would only delay them.
    let _ = stream.set_nodelay(true);
    match (over, connections.take()) {
        (Over::Loopback, Some(held)) => {
            tasks.spawn(one(TokioIo::new(stream), Arc::new(held), from, app, stop));
        }
        (Over::Loopback, None) => {
            tasks.spawn(refuse(stream));
        }
        (Over::Network(encryption, site), Some(held)) if site.is_near(from) => {
            tasks.spawn(encrypted(encryption, stream, held, from, app, stop));
        }
        // To somebody who comes from the internet nothing is said; to somebody without a place nothing can be said yet.
        (Over::Network(..), _) => drop(stream),
    }
}

/// A connection that begins by agreeing on keys.
async fn encrypted(
    encryption: TlsAcceptor,
    stream: TcpStream,
    held: Held,
    from: IpAddr,
    app: Router,
    stop: CancellationToken,
) {
    let agreed = tokio::select! {
        agreed = tokio::time::timeout(LONGEST_HEAD, encryption.accept(stream)) => agreed,
        () = held.close.cancelled() => return,
        () = stop.cancelled() => return,
    };
    match agreed {
        Ok(Ok(stream)) => one(TokioIo::new(stream), Arc::new(held), from, app, stop).await,
        Ok(Err(error)) => tracing::debug!("a connection is not encrypted: {error}"),
        Err(_) => tracing::debug!("a connection said nothing"),
    }
}

async fn refuse(mut stream: TcpStream) {
    let told = async {
        stream.write_all(NO_PLACE).await?;
        stream.shutdown().await
    };
    // Who does not read it is not waited for.
    let _ = tokio::time::timeout(Duration::from_secs(1), told).await;
}

async fn one<S>(stream: TokioIo<S>, held: Arc<Held>, from: IpAddr, app: Router, stop: CancellationToken)
where
    S: AsyncRead + AsyncWrite + Unpin + Send + 'static,
{
    let answering = held.clone();
    let service = hyper::service::service_fn(move |request: Request<Incoming>| {
        let (app, held) = (app.clone(), answering.clone());
        async move {
            let mut request = match bodies::whole(request).await {
                Ok(request) => request,
                Err(problem) => return Ok(problem.into_response()),
            };
            request.extensions_mut().insert(Peer(from));
            let _here = Answering::begin(&held);
            app.oneshot(request).await
        }
    });
    let connection = http1::Builder::new()
        .timer(TokioTimer::new())
        .header_read_timeout(LONGEST_HEAD)
        .max_buf_size(LARGEST_HEAD)
        .serve_connection(stream, service);
    tokio::pin!(connection);
    loop {
        tokio::select! {
            ended = &mut connection => {
                if let Err(error) = ended {
                    tracing::debug!("a connection ended: {error}");
                }
                return;
            }
            () = held.close.cancelled() => return,
            () = stop.cancelled(), if !stop.is_cancelled() => connection.as_mut().graceful_shutdown(),
        }
    }
}

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn a_place_is_given_to_somebody_else_only_where_its_connection_rests() {
        let connections = Connections::new(20);
        let held: Vec<Arc<Held>> = (0..20).map(|_| Arc::new(connections.take().expect("free"))).collect();
        assert!(connections.take().is_none(), "all have come just now");
        let answering = Answering::begin(&held[0]);
        std::thread::sleep(SHORTEST_REST);
        let next = connections.take().expect("somebody rests");
        assert!(!held[0].close.is_cancelled(), "it is being answered");
        assert_eq!(held.iter().filter(|held| held.close.is_cancelled()).count(), 1);
        drop((next, answering));
        connections.close_resting();
        assert!(held[0].close.is_cancelled());
        drop(held);
        assert!(connections.lock().is_empty());
    }

    #[test]
    fn whoever_has_no_place_is_told_so_in_whole_bytes() {
        let told = std::str::from_utf8(NO_PLACE).expect("text");
        let (head, body) = told.split_once("\r\n\r\n").expect("a head and a body");
        assert!(head.contains(&format!("content-length: {}", body.len())), "{}", body.len());
    }
}
