import { mode } from "../../shell/database";
import { PageHeading } from "../../shell/PageHeading";

/** How a phone comes to trust the certificate of the machine in the kitchen, and what it has of it. */
export function TrustScreen() {
  const { lan } = mode();
  if (!lan?.fingerprint) {
    return (
      <div className="grid max-w-2xl gap-3 py-6">
        <PageHeading className="text-4xl">Trust this kitchen</PageHeading>
        <p>
          There is no certificate to trust here: the server was started for this machine alone, or for plain http. Start
          it with <code>npm start -- --lan</code>.
        </p>
      </div>
    );
  }
  return (
    <div className="grid max-w-2xl gap-4 py-6 text-lg">
      <PageHeading className="text-4xl">Trust this kitchen</PageHeading>
      <p>
        Only on a page that it trusts does a phone ring through its notifications, keep its screen awake and open Bruma
        without the network. The machine in your kitchen has made a certificate of its own for that.{" "}
        {isSecureContext && "This device trusts it already, or this is the machine itself."}
      </p>
      <ol className="grid list-decimal gap-3 pl-6">
        <li>
          <a href="/bruma-at-home.crt" className="underline underline-offset-4">
            Fetch the certificate
          </a>{" "}
          on the phone.
        </li>
        <li>
          Before you trust it, compare its SHA-256 fingerprint with the one on the screen of the machine that runs
          Bruma:
          <code className="mt-1 block break-all text-base">{lan.fingerprint}</code>
        </li>
        <li>
          In the phone's settings look for “certificate” and install it as one of an <b>authority</b> (often under
          security, credentials). Where the phone has taken it as a profile instead: install the profile under general
          settings, then turn on full trust for it under about, certificate trust.
        </li>
        <li>
          Open <b className="break-all">{lan.addresses[0]}</b> again, without a warning now, and put Bruma on the home
          screen from the browser's menu.
        </li>
      </ol>
      <p className="text-soft">
        Whoever has the key of such a certificate could pass any page off to this phone as the right one. It never
        leaves the machine in your kitchen, and only its owner can read it there. To take your trust back, delete the
        certificate in the phone's settings.
      </p>
    </div>
  );
}
