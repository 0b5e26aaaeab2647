const escapeText = (text: string): string => text.replace(/[&<>"]/g, (sign) => `&#${sign.charCodeAt(0)};`);

/** Such a page loads nothing and runs nothing. */
export const awayPolicy = "default-src 'none'; style-src 'unsafe-inline'";
/** It looks again by itself. */
const AGAIN_SECONDS = 5;

function page(title: string, matter: string): string {
  return `<!doctype html><html lang="en"><head><meta charset="utf-8"><title>${title}</title><meta http-equiv="refresh" content="${AGAIN_SECONDS}"><style>
body{margin:0;min-height:100vh;display:grid;place-items:center;background:#f6f1e6;color:#24271f;font:17px/1.5 Georgia,serif}
main{max-width:34em;padding:2em}h1{font-weight:500;font-style:italic}a{color:#7d4a00}li{margin:.4em 0}
</style></head><body><main><h1>${title}</h1>${matter}</main></body></html>`;
}

/** What stands where a page cannot come up because the server is away: the rounds that can. */
export function awayPage(kept: readonly { readonly path: string; readonly title: string }[]): string {
  const rounds = kept
    .map(({ path, title }) => `<li><a href="${escapeText(path)}">${escapeText(title)}</a></li>`)
    .join('');
  const offer = rounds
    ? `<p>These rounds open all the same, and what you mark waits on this machine:</p><ul>${rounds}</ul>`
    : '<p>No round was opened on this machine lately.</p>';
  return page('The server is away', `<p>Nothing is lost. This page looks again every few seconds.</p>${offer}`);
}

/** What the server itself says while its database is away. */
export const databaseAwayPage = (): string =>
  page(
    'The database is away',
    '<p>Nothing that was kept is lost, and this page looks again every few seconds. If it stays away: <code>bin/owl status</code> on the machine that the academy runs on says more, <code>bin/owl start</code> starts it again.</p>',
  );
