// What the shell uses of SafariServices, declared anew (from memory), for the check on this computer alone.
#pragma once
#import <UIKit/UIKit.h>
#pragma clang assume_nonnull begin

@interface SFSafariViewController : UIViewController
- (instancetype)initWithURL:(NSURL *)url;
@end

#pragma clang assume_nonnull end
