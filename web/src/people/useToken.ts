import { useLocation } from 'react-router'

/**
 * What follows the # of a link: a browser sends it to nobody, so it stands in no log; it is sent in
 * the body of what is asked with it.
 */
export const useToken = () => decodeURIComponent(useLocation().hash.slice(1))
