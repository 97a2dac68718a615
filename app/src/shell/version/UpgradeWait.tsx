import { Button } from '../../ui/Button';

/** What is shown in place of the application when another tab stands in the way of a version, or a newer one has taken over. */
export function UpgradeWait({ why }: { readonly why: 'blocked' | 'overtaken' }) {
  return (
    <main className="mx-auto max-w-xl p-6 md:pt-24">
      <h1 className="font-label mb-2 text-4xl font-semibold">
        {why === 'blocked' ? 'Another tab holds the shop' : 'A newer version has taken over'}
      </h1>
      <p className="text-dim mb-6 text-lg" role="status">
        {why === 'blocked'
          ? 'An older version of Zinc Ladder is open in another tab or window. Close it, and this one goes on by itself; nothing is lost.'
          : 'Zinc Ladder was opened in another tab in a newer version, and this tab has stepped aside. What was kept is there; reload to go on.'}
      </p>
      <Button look="primary" isLarge onClick={() => location.reload()}>
        {why === 'blocked' ? 'Try again' : 'Reload'}
      </Button>
    </main>
  );
}
