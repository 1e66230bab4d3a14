//! On site: the owner's own phones and tablets reach this machine over the network that both are on.
//!
//! This machine itself is answered over loopback as ever. Devices are answered over HTTPS, under this machine's own names and addresses on
//! its networks, and only once they are paired: whoever stands at this machine reads a code off it and types it, or scans it, on the
//! device. What is not paired gets the page for that and nothing else.

pub mod addresses;
pub mod certificate;
pub mod door;
mod pairing_code;
mod pairing_page;
mod terminal;

use std::net::IpAddr;
use std::path::Path;
use std::sync::{Arc, PoisonError, RwLock};
use std::time::{Duration, Instant};

use qrcode::QrCode;
use qrcode::render::svg;
use qrcode::types::QrError;
use rustls::ServerConfig;
use rustls::server::{ClientHello, ResolvesServerCert};
use rustls::sign::CertifiedKey;
use thiserror::Error;
use tokio::sync::watch;

use crate::served_as::ServedAs;
use addresses::Addresses;
use certificate::{Authority, CertificateError};
pub use pairing_code::Given;
use pairing_code::PairingCode;

/// How often it is looked whether this machine is on another network.
const LOOK_EVERY: Duration = Duration::from_secs(15);
/// How long a certificate is used; it is good for longer.
const RENEW_AFTER: Duration = Duration::from_secs(30 * 24 * 3600);

/// Why this machine cannot be reached on site.
#[derive(Debug, Error)]
pub enum OnSiteError {
    /// Its certificate.
    #[error(transparent)]
    Certificate(#[from] CertificateError),
    /// Its addresses cannot be read.
    #[error("the addresses of this machine cannot be read: {0}")]
    Addresses(std::io::Error),
    /// The keys that it was made of are not taken.
    #[error("the certificate cannot be used: {0}")]
    Tls(#[from] rustls::Error),
}

/// This machine as devices reach it.
#[derive(Debug)]
pub struct OnSite {
    port: u16,
    authority: Authority,
    now: RwLock<Now>,
    served: ServedAs,
    /// What devices are paired by.
    pub code: PairingCode,
    /// The name of the device that was paired last.
    paired: watch::Sender<Option<String>>,
}

/// What changes when this machine comes to another network.
#[derive(Debug)]
struct Now {
    addresses: Addresses,
    certified: Arc<CertifiedKey>,
    since: Instant,
}

impl OnSite {
    /// This machine, reached at a port; what tells it from others is kept in a folder.
    ///
    /// # Errors
    /// [`OnSiteError`].
    pub fn begin(folder: &Path, port: u16) -> Result<Arc<Self>, OnSiteError> {
        let authority = Authority::kept_in(folder)?;
        let addresses = Addresses::of_this_machine().map_err(OnSiteError::Addresses)?;
        let certified = Arc::new(authority.certify(&addresses)?);
        let served = ServedAs::hosts(addresses.hosts().iter().map(String::as_str), port);
        let now = RwLock::new(Now { addresses, certified, since: Instant::now() });
        Ok(Arc::new(Self { port, authority, now, served, code: PairingCode::new(), paired: watch::channel(None).0 }))
    }

    /// The names and addresses that are answered, whatever network this machine is on.
    pub fn served(&self) -> ServedAs {
        self.served.clone()
    }

    /// How connections are encrypted.
    ///
    /// # Errors
    /// [`OnSiteError::Tls`].
    pub fn encryption(self: &Arc<Self>) -> Result<ServerConfig, OnSiteError> {
        let provider = Arc::new(rustls::crypto::ring::default_provider());
        let config = ServerConfig::builder_with_provider(provider).with_safe_default_protocol_versions()?;
        let mut config = config.with_no_client_auth().with_cert_resolver(self.clone());
        config.alpn_protocols = vec![b"http/1.1".to_vec()];
        Ok(config)
    }

    /// Goes on looking whether this machine has come to another network, or its certificate has grown old.
    pub async fn keep_up(self: Arc<Self>) {
        loop {
            tokio::time::sleep(LOOK_EVERY).await;
            match Addresses::of_this_machine() {
                Ok(addresses) if self.is_news(&addresses) => match self.authority.certify(&addresses) {
                    Ok(certified) => {
                        self.served.replace(addresses.hosts().iter().map(String::as_str), self.port);
                        *self.now.write().unwrap_or_else(PoisonError::into_inner) =
                            Now { addresses, certified: Arc::new(certified), since: Instant::now() };
                        tracing::warn!("on site at {} from now on", self.at().join(", "));
                    }
                    Err(error) => tracing::error!("{error}"),
                },
                Ok(_) => {}
                Err(error) => tracing::warn!("the addresses of this machine cannot be read: {error}"),
            }
        }
    }

    fn is_news(&self, addresses: &Addresses) -> bool {
        let now = self.now.read().unwrap_or_else(PoisonError::into_inner);
        now.addresses != *addresses || RENEW_AFTER < now.since.elapsed()
    }

    /// Whether somebody asks from a network that this machine is on, or from itself: the internet is not answered.
    pub fn is_near(&self, from: IpAddr) -> bool {
        let now = self.now.read().unwrap_or_else(PoisonError::into_inner);
        now.addresses.is_near(from.to_canonical())
    }

    /// Where devices find this machine, the likeliest first; none while it is on no network.
    pub fn at(&self) -> Vec<String> {
        let now = self.now.read().unwrap_or_else(PoisonError::into_inner);
        now.addresses.shown().iter().map(|host| format!("https://{host}:{}", self.port)).collect()
    }

    /// What a device scans: where, and the code, which a browser does not send along.
    pub fn link(&self) -> Option<String> {
        Some(format!("{}/pairing#{}", self.at().first()?, self.code.shown()))
    }

    /// A picture of the link to scan, as SVG.
    ///
    /// # Errors
    /// If the link is too long for one.
    pub fn picture(&self) -> Result<Option<String>, QrError> {
        let Some(link) = self.link() else { return Ok(None) };
        let drawn = QrCode::new(link)?.render::<svg::Color<'_>>().min_dimensions(240, 240).build();
        Ok(Some(drawn))
    }

    /// What to hold against what a browser shows of the certificate: SHA-256, in pairs.
    pub fn fingerprint(&self) -> &str {
        self.authority.fingerprint()
    }

    /// The certificate that a device may take in to trust this machine without being asked.
    pub fn certificate(&self) -> &str {
        self.authority.pem()
    }

    /// Says that a device was paired.
    pub fn tell(&self, name: &str) {
        self.paired.send_replace(Some(name.to_owned()));
    }

    /// The name of the device that was paired last, from now on.
    pub fn paired(&self) -> watch::Receiver<Option<String>> {
        self.paired.subscribe()
    }

    /// Where it is, and the code to pair a device by, for the terminal.
    pub fn told(&self) -> String {
        terminal::told(self.link().as_deref(), &self.at(), &self.code.shown(), self.fingerprint())
    }
}

impl ResolvesServerCert for OnSite {
    fn resolve(&self, _: ClientHello<'_>) -> Option<Arc<CertifiedKey>> {
        Some(self.now.read().unwrap_or_else(PoisonError::into_inner).certified.clone())
    }
}
