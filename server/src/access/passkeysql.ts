/** SQL of passkeys. */
export const PASSKEY_SQL = {
  dropOld: `DELETE FROM passkey_challenge WHERE until < $1`,
  addChallenge: `INSERT INTO passkey_challenge (challenge, account_id, until) VALUES ($1, $2, $3)`,
  spendChallenge: `
    DELETE FROM passkey_challenge WHERE challenge = $1 AND account_id IS NOT DISTINCT FROM $2 AND until >= $3`,
  ofAccount: `SELECT id, transports FROM passkey WHERE account_id = $1 AND withdrawn_at IS NULL`,
  list: `
    SELECT id, name, host, made_at AS "madeAt", used_at AS "usedAt" FROM passkey
    WHERE account_id = $1 AND withdrawn_at IS NULL ORDER BY made_at, id`,
  add: `
    INSERT INTO passkey (id, account_id, public_key, counter, transports, host, name, made_at)
    VALUES ($1, $2, $3, $4, $5, $6, $7, $8) ON CONFLICT (tenant_id, id) DO NOTHING`,
  /** Of an account that is open. */
  read: `
    SELECT k.account_id AS "accountId", k.public_key AS "publicKey", k.counter FROM passkey k
    JOIN account a ON a.id = k.account_id
    WHERE k.id = $1 AND k.withdrawn_at IS NULL AND a.closed_at IS NULL`,
  used: `UPDATE passkey SET counter = $2, used_at = $3 WHERE id = $1`,
  withdraw: `UPDATE passkey SET withdrawn_at = $3 WHERE account_id = $1 AND id = $2 AND withdrawn_at IS NULL`,
  withdrawAll: `UPDATE passkey SET withdrawn_at = $2 WHERE account_id = $1 AND withdrawn_at IS NULL`,
};
