// What the shell uses of UIKit, declared anew (from memory), for the check on this computer alone.
#pragma once
#import <Foundation/Foundation.h>
#pragma clang assume_nonnull begin

@class UIView, UIWindow, UIViewController, UIScene, UISceneSession, UITraitCollection, UIApplication;

typedef NSString *UIApplicationLaunchOptionsKey;
typedef NSString *UIWindowSceneSessionRole;
typedef struct UIEdgeInsets { CGFloat top, left, bottom, right; } UIEdgeInsets;
extern NSNotificationName const UIKeyboardWillChangeFrameNotification;
extern NSString *const UIKeyboardFrameEndUserInfoKey;
extern int UIApplicationMain(int argc, char *_Nullable argv[_Nonnull], NSString *_Nullable application, NSString *_Nullable delegate);

@interface UIResponder : NSObject
@end
@interface UIColor : NSObject
@property (class, nonatomic, readonly) UIColor *systemBackgroundColor;
+ (nullable UIColor *)colorNamed:(NSString *)name;
@end

@interface UIOpenURLContext : NSObject
@property (readonly) NSURL *URL;
@end
@interface UISceneConnectionOptions : NSObject
@property (readonly, copy) NSSet<NSUserActivity *> *userActivities;
@property (readonly, copy) NSSet<UIOpenURLContext *> *URLContexts;
@end
@interface UISceneSession : NSObject
@property (readonly) UIWindowSceneSessionRole role;
@property (nullable, readonly) NSUserActivity *stateRestorationActivity;
@end
@interface UISceneConfiguration : NSObject
@property (nullable) Class delegateClass;
+ (instancetype)configurationWithName:(nullable NSString *)name sessionRole:(UIWindowSceneSessionRole)role;
@end
@interface UIScene : UIResponder
@end
@interface UIWindowScene : UIScene
@end
@protocol UISceneDelegate <NSObject>
@optional
- (void)scene:(UIScene *)scene willConnectToSession:(UISceneSession *)session options:(UISceneConnectionOptions *)options;
- (nullable NSUserActivity *)stateRestorationActivityForScene:(UIScene *)scene;
- (void)scene:(UIScene *)scene continueUserActivity:(NSUserActivity *)activity;
- (void)scene:(UIScene *)scene openURLContexts:(NSSet<UIOpenURLContext *> *)contexts;
- (void)sceneDidBecomeActive:(UIScene *)scene;
- (void)sceneWillResignActive:(UIScene *)scene;
- (void)sceneDidEnterBackground:(UIScene *)scene;
@end
@protocol UIWindowSceneDelegate <UISceneDelegate>
@optional
@property (nullable, nonatomic) UIWindow *window;
@end
@protocol UIApplicationDelegate <NSObject>
@optional
- (BOOL)application:(UIApplication *)application didFinishLaunchingWithOptions:(nullable NSDictionary<UIApplicationLaunchOptionsKey, id> *)options;
- (UISceneConfiguration *)application:(UIApplication *)application
    configurationForConnectingSceneSession:(UISceneSession *)session
                                   options:(UISceneConnectionOptions *)options;
- (void)application:(UIApplication *)application didRegisterForRemoteNotificationsWithDeviceToken:(NSData *)token;
@end
@interface UIApplication : UIResponder
@property (class, readonly) UIApplication *sharedApplication;
- (void)registerForRemoteNotifications;
- (void)openURL:(NSURL *)url options:(NSDictionary *)options completionHandler:(nullable void (^)(BOOL))done;
@end

typedef NSUInteger UIViewAutoresizing;
enum { UIViewAutoresizingFlexibleWidth = 2, UIViewAutoresizingFlexibleHeight = 16 };
@interface UIView : UIResponder
@property (nonatomic) CGRect frame;
@property (nonatomic) CGRect bounds;
@property (nullable, nonatomic, copy) UIColor *backgroundColor;
@property (nonatomic, getter=isOpaque) BOOL opaque;
@property (nonatomic) UIViewAutoresizing autoresizingMask;
@property (nonatomic, readonly) UIEdgeInsets safeAreaInsets;
- (instancetype)initWithFrame:(CGRect)frame;
- (void)addSubview:(UIView *)view;
- (void)removeFromSuperview;
- (void)setNeedsLayout;
- (CGRect)convertRect:(CGRect)rect fromView:(nullable UIView *)view;
@end
@interface UIWindow : UIView
@property (nullable, nonatomic) UIViewController *rootViewController;
- (instancetype)initWithWindowScene:(UIWindowScene *)scene;
- (void)makeKeyAndVisible;
@end
@interface UITraitCollection : NSObject
@property (nonatomic, readonly) CGFloat displayScale;
@end
@interface UIPopoverPresentationController : NSObject
@property (nullable, nonatomic) UIView *sourceView;
@property (nonatomic) CGRect sourceRect;
@property (nonatomic) NSUInteger permittedArrowDirections;
@end
@interface UIViewController : UIResponder
@property (null_resettable, nonatomic) UIView *view;
@property (nonatomic, readonly) UITraitCollection *traitCollection;
@property (nullable, nonatomic, readonly) UIPopoverPresentationController *popoverPresentationController;
@property (nullable, nonatomic, readonly) NSExtensionContext *extensionContext;
- (instancetype)initWithNibName:(nullable NSString *)nib bundle:(nullable NSBundle *)bundle;
- (void)viewDidLoad;
- (void)viewDidLayoutSubviews;
- (void)viewDidAppear:(BOOL)animated;
- (void)presentViewController:(UIViewController *)controller animated:(BOOL)animated completion:(nullable void (^)(void))done;
- (void)dismissViewControllerAnimated:(BOOL)animated completion:(nullable void (^)(void))done;
@end

enum { UIScrollViewContentInsetAdjustmentNever = 2 };
@interface UIScrollView : UIView
@property (nonatomic) BOOL bounces;
@property (nonatomic) NSInteger contentInsetAdjustmentBehavior;
@end
enum { UIButtonTypeSystem = 1, UIControlStateNormal = 0, UIControlEventTouchUpInside = 1 << 6 };
@interface UIControl : UIView
- (void)addTarget:(nullable id)target action:(SEL)action forControlEvents:(NSUInteger)events;
@end
@interface UIButton : UIControl
+ (instancetype)buttonWithType:(NSInteger)type;
- (void)setTitle:(nullable NSString *)title forState:(NSUInteger)state;
@end
enum { UIAlertControllerStyleAlert = 1, UIAlertActionStyleDefault = 0 };
@interface UIAlertAction : NSObject
+ (instancetype)actionWithTitle:(nullable NSString *)title style:(NSInteger)style handler:(nullable void (^)(UIAlertAction *action))handler;
@end
@interface UIAlertController : UIViewController
+ (instancetype)alertControllerWithTitle:(nullable NSString *)title message:(nullable NSString *)message preferredStyle:(NSInteger)style;
- (void)addAction:(UIAlertAction *)action;
@end
@interface UISelectionFeedbackGenerator : NSObject
- (void)selectionChanged;
@end
@interface UIActivityViewController : UIViewController
- (instancetype)initWithActivityItems:(NSArray *)items applicationActivities:(nullable NSArray *)activities;
@end
@interface UIDocumentPickerViewController : UIViewController
- (instancetype)initForExportingURLs:(NSArray<NSURL *> *)urls asCopy:(BOOL)asCopy;
@end

#pragma clang assume_nonnull end
