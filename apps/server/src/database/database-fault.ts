/** SQLSTATEs (PostgreSQL, appendix A) and codes of sockets that say that the database is not there now, and may be again in a moment. */
const AWAY = new Set([
  '57P01', // admin_shutdown
  '57P02', // crash_shutdown
  '57P03', // cannot_connect_now
  '57014', // query_canceled: it took longer than it may
  '55P03', // lock_not_available
  '53300', // too_many_connections
  '25P03', // idle_in_transaction_session_timeout
  '08000',
  '08003',
  '08006',
  'ECONNREFUSED',
  'ECONNRESET',
  'EPIPE',
]);
/** SQLSTATEs of text that can not be kept: a NUL, or half of a surrogate pair. */
const UNSTORABLE = new Set(['22021', '22P05', '22P02']);
/** Sentences of the driver that come without a code. */
const AWAY_WORDS =
  /^(Connection terminated|timeout exceeded when trying to connect|Query read timeout|Client has encountered a connection error)/;

/** Whether a query failed because the database is away, rather than for what was asked. */
export function isDatabaseAway(error: unknown): boolean {
  return causes(error).some((cause) => AWAY.has(codeOf(cause)) || AWAY_WORDS.test(cause.message));
}

/** Whether a text holds characters that the database can not keep. */
export function isUnstorableText(error: unknown): boolean {
  return causes(error).some((cause) => UNSTORABLE.has(codeOf(cause)));
}

/** An error and what it was made of: Drizzle puts its own around that of the driver. */
function causes(error: unknown): Error[] {
  const found: Error[] = [];
  for (let at = error; at instanceof Error && found.length < 5; at = at.cause) found.push(at);
  return found;
}

function codeOf(error: Error): string {
  return 'code' in error && typeof error.code === 'string' ? error.code : '';
}
