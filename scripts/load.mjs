// Loads the Ferry House into a server, and into no other than the one that is meant: a port may belong to somebody else's.
/**
 * @param origin where the server is thought to be
 * @param instance what it called itself when it was started
 * @throws when another answers there, or the house cannot be loaded: nothing was written then
 */
export async function loadFerryHouse(origin, instance) {
  const health = await fetch(`${origin}/api/health`).then(
    (answer) => answer.json(),
    () => null,
  );
  if (!health || health.instance !== instance)
    throw new Error(
      `Another program answers at ${origin}. The Ferry House was not loaded; nothing was changed there. Stop that program, or choose another port with PORT.`,
    );
  const answer = await fetch(`${origin}/api/visit`, { method: 'POST' });
  if (!answer.ok) throw new Error(`The Ferry House could not be loaded: ${await answer.text()}`);
}
