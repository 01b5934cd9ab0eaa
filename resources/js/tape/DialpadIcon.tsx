/** Nine keys. */
export default function DialpadIcon() {
    return (
        <svg width="22" height="22" viewBox="0 0 22 22" aria-hidden="true">
            {[4, 11, 18].map((y) =>
                [4, 11, 18].map((x) => <circle key={`${x} ${y}`} cx={x} cy={y} r="2.2" fill="currentColor" />),
            )}
        </svg>
    );
}
