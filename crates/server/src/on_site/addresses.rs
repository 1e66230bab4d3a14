//! What this machine is called on the networks it is on.

use std::net::{IpAddr, Ipv4Addr, Ipv6Addr};

/// Networks that are nobody's in the internet, and the length of their prefix: private ones (RFC 1918), what a provider keeps behind one address (RFC
/// 6598), what machines give themselves (RFC 3927), and private ones of IPv6 (RFC 4193).
pub const LOCAL_NETWORKS: [(IpAddr, u8); 6] = [
    (IpAddr::V4(Ipv4Addr::new(192, 168, 0, 0)), 16),
    (IpAddr::V4(Ipv4Addr::new(10, 0, 0, 0)), 8),
    (IpAddr::V4(Ipv4Addr::new(172, 16, 0, 0)), 12),
    (IpAddr::V4(Ipv4Addr::new(100, 64, 0, 0)), 10),
    (IpAddr::V4(Ipv4Addr::new(169, 254, 0, 0)), 16),
    (IpAddr::V6(Ipv6Addr::new(0xfc00, 0, 0, 0, 0, 0, 0, 0)), 7),
];

/// The ending of names that machines have on their own network (RFC 6762).
pub const LOCAL_NAMES: &str = "local";

/// This machine's addresses and names on local networks.
#[derive(Clone, Debug, PartialEq, Eq)]
pub struct Addresses {
    /// Its addresses, the likeliest to be reached at first.
    pub addresses: Vec<IpAddr>,
    /// The networks of IPv6 that it has public addresses in, the first 64 bits of them: devices beside it may come by theirs.
    networks: Vec<u64>,
    /// Its name, such as `truck.local`, where it has one.
    pub name: Option<String>,
}

impl Addresses {
    /// As they are now.
    ///
    /// # Errors
    /// Whatever the system says.
    pub fn of_this_machine() -> std::io::Result<Self> {
        let found = if_addrs::get_if_addrs()?.into_iter().filter(|interface| !interface.is_loopback());
        Ok(Self::of(found.map(|interface| interface.ip()), &gethostname::gethostname().to_string_lossy()))
    }

    fn of(found: impl IntoIterator<Item = IpAddr>, host: &str) -> Self {
        let (mut addresses, others): (Vec<IpAddr>, Vec<IpAddr>) =
            found.into_iter().partition(|address| is_local(*address));
        let public = others.into_iter().filter_map(|address| match address {
            IpAddr::V6(address) if !address.is_loopback() && !address.is_unicast_link_local() => {
                Some(first_half(address))
            }
            _ => None,
        });
        let mut networks: Vec<u64> = public.collect();
        networks.sort_unstable();
        networks.dedup();
        addresses.sort_by_key(|address| (network_of(*address), *address));
        addresses.dedup();
        let label = host.split('.').next().unwrap_or_default().to_ascii_lowercase();
        let plain = label.chars().all(|sign| sign.is_ascii_alphanumeric() || sign == '-');
        let name = (plain && !label.is_empty() && label != "localhost").then(|| format!("{label}.{LOCAL_NAMES}"));
        Self { addresses, networks, name }
    }

    /// Whether an address is this machine's own, or one beside it.
    pub fn is_near(&self, from: IpAddr) -> bool {
        let beside = match from {
            IpAddr::V4(_) => false,
            IpAddr::V6(from) => from.is_unicast_link_local() || self.networks.contains(&first_half(from)),
        };
        beside || from.is_loopback() || is_local(from)
    }

    /// Every name and address that is answered, as a browser writes them.
    pub fn hosts(&self) -> Vec<String> {
        let here = ["localhost".to_owned(), "127.0.0.1".to_owned()];
        self.shown().into_iter().chain(here).collect()
    }

    /// Those that a device may find this machine by, the likeliest first.
    pub fn shown(&self) -> Vec<String> {
        let (of_four, of_six): (Vec<&IpAddr>, Vec<&IpAddr>) =
            self.addresses.iter().partition(|address| address.is_ipv4());
        let of_four = of_four.into_iter().map(IpAddr::to_string);
        // Few type an address of IPv6.
        let of_six = of_six.into_iter().map(|address| format!("[{address}]"));
        of_four.chain(self.name.clone()).chain(of_six).collect()
    }
}

/// What of an address of IPv6 names its network.
const fn first_half(address: Ipv6Addr) -> u64 {
    (address.to_bits() >> 64) as u64
}

/// Which of the local networks an address is in.
fn network_of(address: IpAddr) -> Option<usize> {
    LOCAL_NETWORKS.iter().position(|(network, length)| match (network, address) {
        (IpAddr::V4(network), IpAddr::V4(address)) => {
            (network.to_bits() ^ address.to_bits()).leading_zeros() >= u32::from(*length)
        }
        (IpAddr::V6(network), IpAddr::V6(address)) => {
            (network.to_bits() ^ address.to_bits()).leading_zeros() >= u32::from(*length)
        }
        _ => false,
    })
}

/// Whether an address is on a local network.
fn is_local(address: IpAddr) -> bool {
    network_of(address).is_some()
}

#[cfg(test)]
mod tests {
    use super::*;

    fn of(found: &[&str], host: &str) -> Addresses {
        Addresses::of(found.iter().map(|address| address.parse().expect("an address")), host)
    }

    #[test]
    fn local_addresses_only_the_likeliest_first() {
        let found = ["8.8.8.8", "172.17.0.1", "2001:db8::1", "10.1.2.3", "fd12::5", "192.168.1.20", "172.32.0.1"];
        let machine = of(&found, "Truck.example.com");
        assert_eq!(machine.shown(), ["192.168.1.20", "10.1.2.3", "172.17.0.1", "truck.local", "[fd12::5]"]);
        assert!(machine.hosts().contains(&"localhost".to_owned()));
    }

    #[test]
    fn a_name_that_is_none_is_left_out() {
        for host in ["", "localhost", "a b", "ä", ".x"] {
            assert_eq!(of(&[], host).name, None, "{host}");
        }
    }

    #[test]
    fn who_is_beside_it_is_near_and_the_internet_is_not() {
        let machine = of(&["192.168.1.20", "203.0.113.7", "2001:db8:1:2::5", "fe80::1"], "truck");
        let near = |from: &str| machine.is_near(from.parse().expect("an address"));
        for from in ["127.0.0.1", "::1", "10.9.9.9", "fe80::77", "2001:db8:1:2:aaaa::1", "fd00::3"] {
            assert!(near(from), "{from}");
        }
        for from in ["203.0.113.8", "8.8.8.8", "2001:db8:1:3::1"] {
            assert!(!near(from), "{from}");
        }
    }

    #[test]
    fn networks_end_where_they_end() {
        let local = |address: &str| is_local(address.parse().expect("an address"));
        assert!(local("172.31.255.255") && !local("172.32.0.0") && local("100.127.1.1") && !local("100.128.1.1"));
        assert!(local("fdff::1") && !local("fe00::1") && !local("127.0.0.1") && !local("11.0.0.1"));
    }
}
