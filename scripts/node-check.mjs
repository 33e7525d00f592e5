// Uses only Node built-ins: it runs before anything is installed.
const [major, minor] = process.versions.node.split('.').map(Number);
if (major < 20 || (major === 20 && minor < 19)) {
  process.stderr.write(`Mill Bridge needs Node 20.19 or newer; this is ${process.versions.node}.\n`);
  process.exit(69);
}
