import { useLocalSearchParams } from 'expo-router';
import { beyond } from '../../../screens/later';

const NoticeForm = beyond('NoticeForm');

export default function NoticeFormRoute() {
  const { noticeId } = useLocalSearchParams<{ noticeId: string }>();
  return <NoticeForm noticeId={noticeId} />;
}
