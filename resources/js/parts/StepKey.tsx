/** The key on either side of a number: big enough for a knuckle. */
export function StepKey({
  label,
  onPress,
  children,
}: {
  label: string;
  onPress: () => void;
  children: React.ReactNode;
}) {
  return (
    <button
      type="button"
      aria-label={label}
      onClick={onPress}
      className="grid h-14 w-[min(3.5rem,64px)] shrink-0 place-content-center rounded-lg bg-ink text-paper active:bg-saffron-deep"
    >
      {children}
    </button>
  );
}
