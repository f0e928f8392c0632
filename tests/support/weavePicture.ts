// The made-up camera's pictures, for tests beside units that may not know of the demo.
export { weavePicture, type Taken } from '@/devices/standins/weavePicture'
