import type { CSSProperties, ReactNode } from 'react';

export interface Column<Row> {
    name: string;
    /** Figures stand under each other, to the right. */
    figures?: boolean;
    cell: (row: Row) => ReactNode;
    /** What it is shown in where it is out of order. */
    stops?: (row: Row) => boolean;
}

interface ScheduleProps<Row> {
    label: string;
    rows: readonly Row[];
    /** The first column names the row. */
    columns: readonly Column<Row>[];
    keyOf: (row: Row) => string;
    picked?: (row: Row) => boolean;
    onPick?: (row: Row) => void;
    /** What a row is looked up by. */
    mark?: (row: Row) => Record<`data-${string}`, string>;
    style?: CSSProperties;
}

/** Things of one kind in a table, one of them picked where they can be. */
export function Schedule<Row>({ label, rows, columns, keyOf, picked, onPick, mark, style }: ScheduleProps<Row>) {
    const [first, ...rest] = columns;
    return (
        <table className="plain" aria-label={label} style={style}>
            <thead>
                <tr>
                    {columns.map((column) => (
                        <th key={column.name} className={column.figures ? 'n' : undefined}>
                            {column.name}
                        </th>
                    ))}
                </tr>
            </thead>
            <tbody>
                {rows.map((row) => (
                    <tr
                        key={keyOf(row)}
                        className={onPick && 'pick'}
                        aria-selected={onPick && (picked?.(row) ?? false)}
                        onClick={onPick && (() => onPick(row))}
                        {...mark?.(row)}
                    >
                        <th scope="row">
                            {onPick ? (
                                <button type="button" className="linkish" style={{ color: 'inherit' }}>
                                    {first?.cell(row)}
                                </button>
                            ) : (
                                first?.cell(row)
                            )}
                        </th>
                        {rest.map((column) => (
                            <td
                                key={column.name}
                                className={
                                    [column.figures && 'n', column.stops?.(row) && 'stop'].filter(Boolean).join(' ') ||
                                    undefined
                                }
                            >
                                {column.cell(row)}
                            </td>
                        ))}
                    </tr>
                ))}
            </tbody>
        </table>
    );
}
