import type { ReactNode } from 'react';

interface QuantitiesProps {
    label?: string;
    name?: string;
    children: ReactNode;
    below?: number;
}

/** Figures under each other, each with its name before it. */
export function Quantities({ label, name, children, below }: QuantitiesProps) {
    return (
        <table className="plain" aria-label={label} data-testid={name} style={below ? { marginTop: below } : undefined}>
            <tbody>{children}</tbody>
        </table>
    );
}

/** One figure; what counts most stands out. */
export function Quantity({
    name,
    children,
    counts = false,
}: {
    name: ReactNode;
    children: ReactNode;
    counts?: boolean;
}) {
    return (
        <tr>
            <th scope="row">{name}</th>
            <td className="n">{counts ? <b>{children}</b> : children}</td>
        </tr>
    );
}
