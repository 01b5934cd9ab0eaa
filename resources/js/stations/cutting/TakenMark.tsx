import type { ReactNode } from 'react';
import { useTranslation } from 'react-i18next';
import { useFacts } from '../../job/FactContext';
import { Len, Said } from '../../tape/Len';

interface TakenMarkProps {
    id: string;
    name: string;
    measured: number;
    severity: 'settle' | 'note';
    /** What is to be said of it. */
    said?: ReactNode;
    /** What else can be done about it. */
    also?: ReactNode;
}

/** One mark that was taped: what it is, what it read, and that it can be taken back. */
export function TakenMark({ id, name, measured, severity, said, also }: TakenMarkProps) {
    const { t } = useTranslation();
    const { takeBack, mayTell } = useFacts();
    return (
        <div className="finding" data-severity={severity} data-mark={id}>
            <Said text={name} />{' '}
            <b>
                <Len inches={measured} inchesOnly />
            </b>
            {said && <> · {said}</>}
            {mayTell && (
                <>
                    {' '}
                    {also}{' '}
                    <button type="button" className="linkish" onClick={() => takeBack(id)}>
                        {t('fit.take-back')}
                    </button>
                </>
            )}
        </div>
    );
}
