/** What is shown in place of the application while a new browser finds out what it starts with. */
export function StartWait({ children }: { readonly children: string }) {
  return (
    <main className="mx-auto max-w-2xl p-6 md:pt-24">
      <h1 className="font-label mb-2 text-5xl font-semibold">Zinc Ladder</h1>
      <p role="status" className="text-dim text-lg">
        {children}
      </p>
    </main>
  );
}
