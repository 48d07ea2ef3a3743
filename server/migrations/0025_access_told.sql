-- Up Migration
-- Servers that keep for some seconds who a session is are told at once when that changes: sessions that end, accounts, what
-- they may do, and names.

CREATE FUNCTION tell_access() RETURNS trigger LANGUAGE plpgsql AS $$
BEGIN
  PERFORM pg_notify('lentum_access', '');
  RETURN NULL;
END
$$;
-- That a session was used changes nothing of what it is.
CREATE TRIGGER session_told AFTER DELETE OR UPDATE OF sid, sess, expire ON session
  FOR EACH ROW EXECUTE FUNCTION tell_access();
CREATE TRIGGER account_told AFTER UPDATE OR DELETE ON account FOR EACH ROW EXECUTE FUNCTION tell_access();
CREATE TRIGGER job_role_told AFTER INSERT OR UPDATE OR DELETE ON job_role FOR EACH ROW EXECUTE FUNCTION tell_access();
CREATE TRIGGER person_told AFTER UPDATE OR DELETE ON person FOR EACH ROW EXECUTE FUNCTION tell_access();

-- Down Migration

DROP TRIGGER session_told ON session;
DROP TRIGGER account_told ON account;
DROP TRIGGER job_role_told ON job_role;
DROP TRIGGER person_told ON person;
DROP FUNCTION tell_access();
