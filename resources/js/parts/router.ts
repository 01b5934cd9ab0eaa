/** Where one is in the application, and the ways from there, in the words the screens use. */
import { useMemo } from 'react';
import { Link, Redirect, Route, Switch, useLocation as usePath, useParams, useSearch, useSearchParams } from 'wouter';
import { useHistoryState } from 'wouter/use-browser-location';

export { Link, Redirect as Navigate, Route, Switch, useParams, useSearchParams };

export function useNavigate() {
    return usePath()[1];
}

/** Path and search of the address; what a screen handed on to this one. */
export function useLocation() {
    const [pathname] = usePath();
    const search = useSearch();
    const state = useHistoryState<unknown>();
    return useMemo(() => ({ pathname, search: search === '' ? '' : `?${search}`, state }), [pathname, search, state]);
}
