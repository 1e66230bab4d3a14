//! This machine's own certificates: an authority that is made once and kept, and what it certifies for the addresses of the day.
//!
//! A device that takes the authority in trusts this machine without being asked. It can do no harm beyond that: its certificate limits it
//! to addresses of local networks and names that end in `.local`, and its key stays in a folder that only this user reads.

use std::io::Write;
use std::net::{IpAddr, Ipv4Addr};
use std::os::unix::fs::OpenOptionsExt;
use std::path::{Path, PathBuf};
use std::sync::Arc;

use chrono::{DateTime, Datelike, Days, Utc};
use rcgen::{
    BasicConstraints, CertificateParams, CidrSubnet, DistinguishedName, DnType, ExtendedKeyUsagePurpose,
    GeneralSubtree, IsCa, Issuer, KeyPair, KeyUsagePurpose, NameConstraints, SanType, date_time_ymd,
};
use rustls::pki_types::pem::PemObject;
use rustls::pki_types::{CertificateDer, PrivateKeyDer, PrivatePkcs8KeyDer};
use rustls::sign::CertifiedKey;
use sha2::{Digest, Sha256};
use thiserror::Error;

use super::addresses::{Addresses, LOCAL_NAMES, LOCAL_NETWORKS};

/// The file that keeps the authority: its key, then its certificate.
const FILE: &str = "authority.pem";
/// How long the authority is good.
const AUTHORITY_DAYS: u64 = 10 * 365;
/// How long what it certifies is good: phones take no longer ones.
const DAYS: u64 = 397;

/// What went wrong with a certificate.
#[derive(Debug, Error)]
pub enum CertificateError {
    /// Its folder.
    #[error("{0} cannot be used to keep the certificate: {1}")]
    Folder(PathBuf, std::io::Error),
    /// What was kept.
    #[error("{0} holds no certificate that can be used. Put it away, and pair the devices again")]
    Damaged(PathBuf),
    /// It cannot be made.
    #[error("the certificate cannot be made: {0}")]
    Made(#[from] rcgen::Error),
    /// The key is of a kind that is not taken.
    #[error("the certificate cannot be used: {0}")]
    Taken(#[from] rustls::Error),
}

/// Whom paired devices may trust.
pub struct Authority {
    issuer: Issuer<'static, KeyPair>,
    pem: String,
    der: CertificateDer<'static>,
    fingerprint: String,
}

impl std::fmt::Debug for Authority {
    /// Its key is not for logs.
    fn fmt(&self, f: &mut std::fmt::Formatter<'_>) -> std::fmt::Result {
        f.debug_struct("Authority").field("fingerprint", &self.fingerprint).finish_non_exhaustive()
    }
}

impl Authority {
    /// The authority that a folder keeps; made where it keeps none.
    ///
    /// # Errors
    /// [`CertificateError`].
    pub fn kept_in(folder: &Path) -> Result<Self, CertificateError> {
        let file = folder.join(FILE);
        match std::fs::read_to_string(&file) {
            Ok(text) => Self::read(&text).ok_or(CertificateError::Damaged(file)),
            Err(error) if error.kind() == std::io::ErrorKind::NotFound => {
                let text = made()?;
                keep(folder, &file, &text).map_err(|error| CertificateError::Folder(folder.to_owned(), error))?;
                Self::read(&text).ok_or(CertificateError::Damaged(file))
            }
            Err(error) => Err(CertificateError::Folder(folder.to_owned(), error)),
        }
    }

    fn read(text: &str) -> Option<Self> {
        let begins = text.find("-----BEGIN CERTIFICATE-----")?;
        let (key, pem) = (KeyPair::from_pem(&text[..begins]).ok()?, text[begins..].to_owned());
        let der = CertificateDer::from_pem_slice(pem.as_bytes()).ok()?;
        let pairs: Vec<String> = Sha256::digest(&der).iter().map(|byte| format!("{byte:02X}")).collect();
        Some(Self { issuer: Issuer::new(authority(), key), pem, der, fingerprint: pairs.join(" ") })
    }

    /// Its certificate, to be given away.
    pub fn pem(&self) -> &str {
        &self.pem
    }

    /// Its certificate's SHA-256, in pairs.
    pub fn fingerprint(&self) -> &str {
        &self.fingerprint
    }

    /// A new certificate for this machine at these addresses.
    ///
    /// # Errors
    /// [`CertificateError`].
    pub fn certify(&self, machine: &Addresses) -> Result<CertifiedKey, CertificateError> {
        let names = ["localhost".to_owned()].into_iter().chain(machine.name.clone());
        let mut params = CertificateParams::new(names.collect::<Vec<_>>())?;
        let here = [IpAddr::V4(Ipv4Addr::LOCALHOST)];
        params.subject_alt_names.extend(machine.addresses.iter().chain(&here).map(|at| SanType::IpAddress(*at)));
        params.distinguished_name = named("Sturvek on this machine");
        params.extended_key_usages = vec![ExtendedKeyUsagePurpose::ServerAuth];
        params.key_usages = vec![KeyUsagePurpose::DigitalSignature];
        params.use_authority_key_identifier_extension = true;
        date(&mut params, DAYS);
        let key = KeyPair::generate()?;
        let certificate = params.signed_by(&key, &self.issuer)?;
        let key = PrivateKeyDer::Pkcs8(PrivatePkcs8KeyDer::from(key.serialize_der()));
        let signing = rustls::crypto::ring::sign::any_supported_type(&key)?;
        Ok(CertifiedKey::new(vec![certificate.der().clone(), self.der.clone()], Arc::clone(&signing)))
    }
}

fn named(name: &str) -> DistinguishedName {
    let mut named = DistinguishedName::new();
    named.push(DnType::CommonName, name);
    named
}

/// What the authority's certificate says.
fn authority() -> CertificateParams {
    let networks = LOCAL_NETWORKS.into_iter().chain([(IpAddr::V4(Ipv4Addr::LOCALHOST), 32)]);
    let networks = networks.map(|(at, length)| GeneralSubtree::IpAddress(CidrSubnet::from_addr_prefix(at, length)));
    let names = [LOCAL_NAMES, "localhost"].map(|name| GeneralSubtree::DnsName(name.to_owned()));
    let mut params = CertificateParams::default();
    params.distinguished_name = named("Sturvek, this machine's own");
    params.is_ca = IsCa::Ca(BasicConstraints::Constrained(0));
    params.key_usages = vec![KeyUsagePurpose::KeyCertSign, KeyUsagePurpose::CrlSign];
    let permitted_subtrees = networks.chain(names).collect();
    params.name_constraints = Some(NameConstraints { permitted_subtrees, excluded_subtrees: Vec::new() });
    date(&mut params, AUTHORITY_DAYS);
    params
}

/// A new authority's key and certificate.
fn made() -> Result<String, CertificateError> {
    let key = KeyPair::generate()?;
    let certificate = authority().self_signed(&key)?;
    Ok(key.serialize_pem() + &certificate.pem())
}

/// Makes it good from yesterday on, for a clock that is behind, for so many days.
fn date(params: &mut CertificateParams, days: u64) {
    let on = |day: DateTime<Utc>| {
        let small = |number: u32| u8::try_from(number).unwrap_or(1);
        date_time_ymd(day.year(), small(day.month()), small(day.day()))
    };
    params.not_before = on(Utc::now() - Days::new(1));
    params.not_after = on(Utc::now() + Days::new(days - 1));
}

/// Keeps a text in a file that only this user reads, whole or not at all.
fn keep(folder: &Path, file: &Path, text: &str) -> std::io::Result<()> {
    std::fs::create_dir_all(folder)?;
    let part = file.with_extension("part");
    let mut written = std::fs::OpenOptions::new().write(true).create(true).truncate(true).mode(0o600).open(&part)?;
    written.write_all(text.as_bytes())?;
    written.sync_all()?;
    std::fs::rename(part, file)
}

#[cfg(test)]
mod tests {
    use std::os::unix::fs::PermissionsExt;

    use super::*;

    #[test]
    fn an_authority_is_made_once_and_read_by_its_owner_only() {
        let temporary = tempfile::tempdir().expect("a folder");
        let folder = temporary.path().join("not there yet");
        let first = Authority::kept_in(&folder).expect("made");
        let again = Authority::kept_in(&folder).expect("kept");
        assert_eq!((first.pem(), first.fingerprint()), (again.pem(), again.fingerprint()));
        assert_eq!(first.fingerprint().len(), 32 * 3 - 1);
        assert!(!first.pem().contains("PRIVATE"), "its key is not given away");
        let mode = std::fs::metadata(folder.join(FILE)).expect("a file").permissions().mode();
        assert_eq!(mode & 0o777, 0o600);
        std::fs::write(folder.join(FILE), "nothing").expect("damaged");
        assert!(matches!(Authority::kept_in(&folder), Err(CertificateError::Damaged(_))), "never made anew by itself");
    }
}
