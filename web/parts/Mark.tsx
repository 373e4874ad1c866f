const PETAL = "M16 15C12.6 11.6 12.2 5.6 16 2c3.8 3.6 3.4 9.6 0 13z";

/** The house's mark: a five-lobed trumpet flower, seen from the front. */
export function Mark({ size = 24 }: { size?: number }) {
  return (
    <svg viewBox="0 0 32 32" width={size} height={size} aria-hidden="true">
      <g className="fill-gentian">
        {[0, 72, 144, 216, 288].map((a) => (
          <path key={a} transform={`rotate(${a} 16 16)`} d={PETAL} />
        ))}
      </g>
      <circle cx="16" cy="16" r="3.2" className="fill-paper" />
      <circle cx="16" cy="16" r="1.6" className="fill-stamen" />
    </svg>
  );
}
