import { useLocalSearchParams } from 'expo-router';
import { later } from '../../../screens/later';

const NoticeForm = later(() =>
  import('../../../screens/behind').then((screens) => screens.NoticeForm),
);

export default function NoticeFormRoute() {
  const { noticeId } = useLocalSearchParams<{ noticeId: string }>();
  return <NoticeForm noticeId={noticeId} />;
}
