import { readBookFile } from '@idle-kettle/contract/bookFile';

/** A Book as it was sent, looked through whole, in a thread that ends soon after. */
export default readBookFile;
