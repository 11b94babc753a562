export const dynamic = 'force-dynamic';

/** Whether a first visit opens the example. */
export function GET(): Response {
  return Response.json({ example: process.env.JUGATOR_EXAMPLE === '1' });
}
