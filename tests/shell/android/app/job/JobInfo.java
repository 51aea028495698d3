package android.app.job;

import android.content.ComponentName;

public class JobInfo {
    public String said;

    public static class Builder {
        private final StringBuilder said = new StringBuilder();

        public Builder(int id, ComponentName component) {
            said.append(component.name);
        }

        public Builder setRequiredNetworkType(int type) {
            said.append(" network ").append(type);
            return this;
        }

        public Builder setPersisted(boolean persisted) {
            said.append(" persisted ").append(persisted);
            return this;
        }

        public Builder setPeriodic(long milliseconds) {
            said.append(" every ").append(milliseconds);
            return this;
        }

        public JobInfo build() {
            JobInfo info = new JobInfo();
            info.said = said.toString();
            return info;
        }
    }
}
