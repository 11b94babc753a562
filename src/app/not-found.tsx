import { Link } from '@/ui/Link';

export default function NotFound() {
  return (
    <div>
      <h1 style={{ fontSize: 24, fontWeight: 800 }}>There is no such page</h1>
      <p>
        <Link href="/">Back to the start</Link>
      </p>
    </div>
  );
}
