import { type NavigateOptions, useLocation, useNavigate } from "react-router";

/** On to another page once something is stored; not where the cook has gone elsewhere meanwhile. */
export function useGoOn(): (to: string, options?: NavigateOptions) => Promise<void> {
  const navigate = useNavigate();
  const { pathname } = useLocation();
  return async (to, options) => {
    if (window.location.pathname === pathname) await navigate(to, options);
  };
}
