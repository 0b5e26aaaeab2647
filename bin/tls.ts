import { execFileSync } from 'node:child_process';
import { createPrivateKey, X509Certificate } from 'node:crypto';
import { chmodSync, existsSync, mkdirSync, readFileSync } from 'node:fs';
import { isIP } from 'node:net';
import { hostname, networkInterfaces } from 'node:os';
import path from 'node:path';
import { isOnPath, Stop } from './steps';

const DAY_MS = 86_400_000;
/** How long a certificate of our own lasts. @source CA/Browser Forum baseline requirements: at most 398 days; browsers mind longer ones */
const OWN_DAYS = 397;
/** So long before its end a new one is made. @source own decision */
const RENEW_DAYS = 30;

/** What the door to the network needs: the address it listens on, and the certificate that proves it. */
export interface Door {
  readonly address: string;
  readonly port: number;
  readonly certificate: string;
  readonly key: string;
  /** Made here and known to nobody else: browsers ask about it once on each device. */
  readonly isOwn: boolean;
  /** By which whoever is asked about an own certificate can tell it. */
  readonly fingerprint: string;
  /** Under which it can be reached. */
  readonly urls: readonly string[];
}

const isEverywhere = (address: string): boolean => address === '0.0.0.0' || address === '::';

const addressesHere = (): string[] =>
  Object.values(networkInterfaces())
    .flat()
    .flatMap((one) => (one && !one.address.includes('%') && !one.address.startsWith('fe80') ? [one.address] : []));

/**
 * The door that `--address` asks for, with the certificate that was given or one of our own in `folder`. Throws `Stop` for an address that is not this
 * machine's, and for a certificate that cannot be read, is over, or does not fit its key or address.
 */
export function doorAt(
  address: string,
  port: number,
  folder: string,
  given?: { readonly certificate: string; readonly key: string },
): Door {
  const here = addressesHere();
  if (!isIP(address))
    throw new Stop(
      `“${address}” is no address of a network, such as ${here.find((one) => isIP(one) === 4) ?? '192.168.1.20'}.`,
    );
  if (!isEverywhere(address) && !here.includes(address))
    throw new Stop(`${address} is none of this machine's addresses. It has ${here.join(', ')}.`);
  const names = isEverywhere(address) ? [...here, hostname(), `${hostname()}.local`] : [address, hostname()];
  const files = given ?? ownCertificate(path.join(folder, 'tls'), names);
  const { certificate, subject } = checked(files, given ? undefined : names);
  const hosts = given
    ? subject
    : isEverywhere(address)
      ? here.filter((one) => one !== '127.0.0.1' && one !== '::1')
      : [address];
  return {
    ...{ address, port, certificate: files.certificate, key: files.key, isOwn: given === undefined },
    fingerprint: certificate.fingerprint256,
    urls: hosts.map((host) => `https://${isIP(host) === 6 ? `[${host}]` : host}:${port}`),
  };
}

function readPem(file: string, what: string): string {
  if (!existsSync(file)) throw new Stop(`The ${what} ${file} is not there.`);
  try {
    return readFileSync(file, 'utf8');
  } catch {
    throw new Stop(`The ${what} ${file} cannot be read by this user.`);
  }
}

/** A certificate with its key, found fit for use; `names` are those that it has to prove. */
function checked(files: { readonly certificate: string; readonly key: string }, names: readonly string[] | undefined) {
  const pem = readPem(files.certificate, 'certificate');
  const keyPem = readPem(files.key, 'key');
  const certificate = tryTo(() => new X509Certificate(pem), `${files.certificate} is no certificate in PEM.`);
  const key = tryTo(() => createPrivateKey(keyPem), `${files.key} is no private key in PEM, or asks for a password.`);
  if (!certificate.checkPrivateKey(key)) throw new Stop(`${files.key} is not the key of ${files.certificate}.`);
  if (Date.parse(certificate.validTo) < Date.now())
    throw new Stop(`The certificate ${files.certificate} ended on ${certificate.validTo}. Renew it, then start again.`);
  for (const name of names ?? [])
    if (!(isIP(name) ? certificate.checkIP(name) : certificate.checkHost(name)))
      throw new Stop(`The certificate ${files.certificate} does not prove ${name}.`);
  const subject = (certificate.subjectAltName ?? '')
    .split(', ')
    .flatMap((one) => /^(?:DNS|IP Address):(.+)$/.exec(one)?.[1] ?? []);
  return { certificate, subject };
}

function tryTo<Value>(work: () => Value, otherwise: string): Value {
  try {
    return work();
  } catch {
    throw new Stop(otherwise);
  }
}

/** A certificate of our own for these names: kept from start to start, made anew when it nears its end or the names are others. */
function ownCertificate(folder: string, names: readonly string[]): { certificate: string; key: string } {
  const files = { certificate: path.join(folder, 'certificate.pem'), key: path.join(folder, 'key.pem') };
  if (isFit(files, names)) return files;
  if (!isOnPath('openssl'))
    throw new Stop('A certificate of our own is made with openssl. Install it, or give --certificate and --key.');
  mkdirSync(folder, { recursive: true, mode: 0o700 });
  const alternative = names.map((name) => `${isIP(name) ? 'IP' : 'DNS'}:${name}`).join(',');
  execFileSync(
    'openssl',
    [
      ...[
        'req',
        '-x509',
        '-newkey',
        'ec',
        '-pkeyopt',
        'ec_paramgen_curve:prime256v1',
        '-nodes',
        '-days',
        String(OWN_DAYS),
      ],
      ...['-subj', '/CN=Unhurried Owl', '-addext', `subjectAltName=${alternative}`],
      ...['-addext', 'basicConstraints=critical,CA:FALSE', '-addext', 'extendedKeyUsage=serverAuth'],
      ...['-keyout', files.key, '-out', files.certificate],
    ],
    { stdio: 'ignore' },
  );
  chmodSync(files.key, 0o600);
  return files;
}

function isFit(files: { certificate: string; key: string }, names: readonly string[]): boolean {
  if (!existsSync(files.certificate)) return false;
  try {
    const { certificate } = checked(files, names);
    return Date.parse(certificate.validTo) > Date.now() + RENEW_DAYS * DAY_MS;
  } catch {
    return false;
  }
}
