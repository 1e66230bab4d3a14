# Ports on this machine. Needs say.sh.
taken() { (exec 3<>"/dev/tcp/127.0.0.1/$1") 2>/dev/null; }

# need_port OPTION NUMBER
need_port() {
  case $2 in '' | *[!0-9]* | ??????*) fail "$1 is $2; it has to be a number from 1 to 65535." ;; esac
  [ "$2" -ge 1 ] && [ "$2" -le 65535 ] || fail "$1 is $2; it has to be a number from 1 to 65535."
}
