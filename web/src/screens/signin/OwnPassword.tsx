import { useSignIn } from '../../api/queries';
import { ChangePassword } from '../account/ChangePassword';
import { SignInSheet } from './SignInSheet';

/** After the first time with a password that an officer gave: one of one's own, before anything else. */
export default function OwnPassword() {
  const { data: state } = useSignIn();
  return (
    <SignInSheet title="Choose a password of your own" fleet={state?.fleet}>
      <ChangePassword now="Password that you were given" />
    </SignInSheet>
  );
}
