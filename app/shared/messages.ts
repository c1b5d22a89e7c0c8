import 'element-plus/theme-chalk/base.css';
import 'element-plus/theme-chalk/el-message.css';

export { ElMessage } from 'element-plus/es/components/message/index.mjs';
