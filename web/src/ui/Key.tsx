/** A key as it is shown where it acts. */
export function Key({ name }: { name: string }) {
  return <kbd className="key font-sans max-md:hidden!">{name}</kbd>
}
