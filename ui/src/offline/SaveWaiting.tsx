import Button from "@mui/material/Button";
import { useUser } from "../api/useSession";
import { useToday } from "./useToday";
import { waitingFile } from "./waitingFile";

/** Saves what waits on this device as a file, to keep it safe or to hand it to whoever looks after the server. */
export function SaveWaiting({ size = "medium" }: { size?: "small" | "medium" }) {
  const user = useUser();
  const today = useToday();
  const save = async (): Promise<void> => {
    const address = URL.createObjectURL(await waitingFile(user.id));
    const link = Object.assign(document.createElement("a"), { href: address, download: `waiting-${today}.json` });
    link.click();
    URL.revokeObjectURL(address);
  };

  return (
    <Button size={size} sx={{ minHeight: 48 }} onClick={() => void save()}>
      Save what waits as a file
    </Button>
  );
}
