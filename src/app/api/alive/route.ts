import { createHash } from 'node:crypto';

/** Proves to whoever started this server that it is theirs: only both know the instance. Nothing of the academy is told, so nobody has to sign in. */
export async function GET(request: Request): Promise<Response> {
  const question = new URL(request.url).searchParams.get('question') ?? '';
  const instance = process.env.OWL_INSTANCE ?? '';
  if (!/^[\w-]{8,64}$/.test(question)) return Response.json({ code: 'no-question' }, { status: 400 });
  const answer = createHash('sha256').update(`${instance} ${question}`).digest('hex');
  return Response.json({ answer }, { headers: { 'cache-control': 'no-store' } });
}
